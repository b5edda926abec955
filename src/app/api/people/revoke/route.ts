import { revokeInvite } from '@/server/commands/invite';
import { doing } from '../../../session/doing';

/** Takes an invitation back. */
export const POST = doing(revokeInvite);
