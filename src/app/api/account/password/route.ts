import { changePassword } from '@/server/commands/account';
import { doing } from '../../../session/doing';

/** Changes one’s own password. */
export const POST = doing(changePassword);
