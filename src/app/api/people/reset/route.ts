import { makeReset } from '@/server/commands/reset-password';
import { publicOrigin } from '../../../session/origin';
import { doing } from '../../../session/doing';

/** Makes a password link for a colleague. */
export const POST = doing((session, body) => makeReset(session, body, publicOrigin()));
