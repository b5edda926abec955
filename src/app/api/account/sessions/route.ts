import { endOwnSession } from '@/server/commands/account';
import { doing } from '../../../session/doing';

/** Ends sessions of one’s own. */
export const POST = doing(endOwnSession);
