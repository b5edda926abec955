import { passkeyToAdd } from '@/server/commands/passkeys';
import { publicOrigin } from '../../../../session/origin';
import { doing } from '../../../../session/doing';

/** What a browser needs to make a passkey. */
export const POST = doing((session) => passkeyToAdd(session, publicOrigin()));
