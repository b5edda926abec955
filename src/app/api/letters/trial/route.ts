import { sendTrial } from '@/server/commands/letters';
import { doing } from '../../../session/doing';

/** Sends a trial letter. */
export const POST = doing(sendTrial);
