import { deactivateMember } from '@/server/commands/people';
import { doing } from '../../../session/doing';

/** Ends a member’s access. */
export const POST = doing(deactivateMember);
