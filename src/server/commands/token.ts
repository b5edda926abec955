import 'server-only';
import { randomBytes } from 'node:crypto';
import { sha256 } from '../sha256';

/** A word nobody guesses, for a link; only its hash is kept. */
export function newToken(): { token: string; tokenHash: Buffer } {
  const token = randomBytes(32).toString('base64url');
  return { token, tokenHash: sha256(token) };
}

/** Whether a text could be one of ours. */
export const isToken = (text: string | undefined): text is string =>
  text !== undefined && /^[A-Za-z0-9_-]{43}$/.test(text);
