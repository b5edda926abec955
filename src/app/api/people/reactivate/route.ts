import { reactivateMember } from '@/server/commands/people';
import { doing } from '../../../session/doing';

/** Gives somebody access again. */
export const POST = doing(reactivateMember);
