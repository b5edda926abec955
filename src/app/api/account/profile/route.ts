import { changeProfile } from '@/server/commands/account';
import { doing } from '../../../session/doing';

/** Changes one’s own name and licence. */
export const POST = doing(changeProfile);
