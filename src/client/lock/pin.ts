import type { Lock } from './lock';

/** Digits of a PIN. */
export const pinLength = { least: 4, most: 12 } as const;
export const isPin = (typed: string): boolean => /^\d{4,12}$/.test(typed);

/** As long as a device of the day takes some tenths of a second for. */
const rounds = 600_000;

/** What is kept of a PIN. Web Crypto is there where the page came by https or from the device itself. */
export async function keptPin(pin: string): Promise<Extract<Lock['by'], { kind: 'pin' }>> {
  const salt = crypto.getRandomValues(new Uint8Array(16));
  return { kind: 'pin', salt: base64(salt), hash: await hashOf(pin, salt, rounds), rounds };
}

export const isPinOf = async (
  pin: string,
  kept: Extract<Lock['by'], { kind: 'pin' }>,
): Promise<boolean> => (await hashOf(pin, bytesOf(kept.salt), kept.rounds)) === kept.hash;

/** Wrong PINs in a row after which it has to be waited. */
const free = 5;
const firstWaitMs = 30_000;
const longestWaitMs = 15 * 60_000;

/** A lock after one more wrong PIN: from the fifth on it waits, twice as long each time. */
export function afterWrongPin(lock: Lock, now: number): Lock {
  const wrong = lock.wrong + 1;
  const wait = wrong < free ? 0 : Math.min(longestWaitMs, firstWaitMs * 2 ** (wrong - free));
  return { ...lock, wrong, waitUntil: wait ? now + wait : 0 };
}

async function hashOf(
  pin: string,
  salt: Uint8Array<ArrayBuffer>,
  iterations: number,
): Promise<string> {
  const key = await crypto.subtle.importKey('raw', new TextEncoder().encode(pin), 'PBKDF2', false, [
    'deriveBits',
  ]);
  const bits = await crypto.subtle.deriveBits(
    { name: 'PBKDF2', hash: 'SHA-256', salt, iterations },
    key,
    256,
  );
  return base64(new Uint8Array(bits));
}

const base64 = (bytes: Uint8Array): string => btoa(String.fromCharCode(...bytes));
const bytesOf = (text: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0));
