import { byMember } from '../by-member';

/**
 * A lock of the screen, of one member on one device. It keeps whoever picks the device up from reading and from
 * recording under the member's name; it encrypts nothing (docs/security.md).
 */
export interface Lock {
  by: PinLock | PasskeyLock;
  /** Minutes without a touch after which it locks by itself. */
  afterMinutes: number;
  /** Wrong PINs in a row. */
  wrong: number;
  /** Milliseconds of the epoch before which no PIN is looked at. */
  waitUntil: number;
}

interface PinLock {
  kind: 'pin';
  /** Base 64. */
  salt: string;
  /** Base 64, PBKDF2 with SHA-256. */
  hash: string;
  rounds: number;
}

interface PasskeyLock {
  kind: 'passkey';
  /** Ids of the member's passkeys, base 64 URL. */
  ids: string[];
}

/** Minutes a member chooses from. */
export const lockMinutes = [1, 5, 15, 60] as const;

const lockedKey = 'east-gate-locked';
const usedKey = 'east-gate-used';

/** What the browser keeps beyond a page; none where it keeps nothing. */
const storage = (): Storage | undefined => {
  try {
    return window.localStorage;
  } catch {
    return undefined;
  }
};

const locks = byMember<Lock>('east-gate-locks');

export const lockOf = (member: string): Lock | undefined => locks.of(member);

/** @throws where this browser keeps nothing beyond a page */
export function setLock(member: string, lock: Lock | undefined): void {
  locks.set(member, lock);
  if (!lock) storage()?.removeItem(lockedKey);
}

/** Whether the screen is locked for this member at a time, milliseconds of the epoch. */
export function isLocked(member: string | undefined, now: number): boolean {
  const lock = member === undefined ? undefined : lockOf(member);
  if (!lock) return false;
  if (storage()?.getItem(lockedKey) === member) return true;
  const used = Number(storage()?.getItem(usedKey) ?? 0);
  // A clock that was set back says nothing of how long it lay there.
  return now < used || now - used >= lock.afterMinutes * 60_000;
}

export const lockNow = (member: string): void => storage()?.setItem(lockedKey, member);

export function unlock(member: string, now: number): void {
  const lock = lockOf(member);
  if (lock) setLock(member, { ...lock, wrong: 0, waitUntil: 0 });
  storage()?.removeItem(lockedKey);
  touched(now);
}

/** Somebody uses it. */
export const touched = (now: number): void => storage()?.setItem(usedKey, String(now));
