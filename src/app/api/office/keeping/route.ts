import { saveKeeping } from '@/server/commands/keeping';
import { doing } from '../../../session/doing';

/** Sets how long what passes is kept. */
export const POST = doing(saveKeeping);
