import { removePasskey } from '@/server/commands/passkeys';
import { doing } from '../../../../session/doing';

/** Removes a passkey. */
export const POST = doing(removePasskey);
