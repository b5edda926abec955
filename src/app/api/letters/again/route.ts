import { sendAgain } from '@/server/commands/letters';
import { doing } from '../../../session/doing';

/** Sends a letter again. */
export const POST = doing(sendAgain);
