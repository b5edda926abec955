import { saveLetterhead } from '@/server/commands/letterhead';
import { doing } from '../../../session/doing';

/** Sets the letterhead. */
export const POST = doing(saveLetterhead);
