import { addPasskey } from '@/server/commands/passkeys';
import { publicOrigin } from '../../../session/origin';
import { doing } from '../../../session/doing';

/** Adds a passkey. */
export const POST = doing((session, body) => addPasskey(session, body, publicOrigin()));
