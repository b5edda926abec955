import { changeMember } from '@/server/commands/people';
import { doing } from '../../../session/doing';

/** Changes what stands of a member. */
export const POST = doing(changeMember);
