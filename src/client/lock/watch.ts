import { memberHere } from '../kept/member-here';
import { isLocked, lockOf, touched } from './lock';

/** Milliseconds between two looks, and between two touches that are written down. */
const everyMs = 5000;

/**
 * Says whether the screen is locked, now and whenever that changes, here or on another page.
 * @returns ends it
 */
export function watchLock(onChange: (locked: boolean) => void): () => void {
  let locked = false;
  let written = 0;
  const look = () => {
    const now = isLocked(memberHere(), Date.now());
    if (now === locked) return;
    locked = now;
    onChange(now);
  };
  const touch = () => {
    const now = Date.now();
    const member = memberHere();
    if (locked || now - written < everyMs || member === undefined || !lockOf(member)) return;
    look();
    if (locked) return;
    written = now;
    touched(now);
  };
  look();
  const ended = new AbortController();
  const { signal } = ended;
  window.addEventListener('storage', look, { signal });
  window.addEventListener(lockChanged, look, { signal });
  document.addEventListener('visibilitychange', look, { signal });
  for (const event of ['pointerdown', 'keydown'])
    window.addEventListener(event, touch, { signal, capture: true });
  const looking = setInterval(look, everyMs);
  return () => {
    ended.abort();
    clearInterval(looking);
  };
}

/** Told on a page where it was locked or unlocked: storage tells the others alone. */
export const lockChanged = 'east-gate-lock-changed';
export const tellLockChanged = (): boolean => window.dispatchEvent(new Event(lockChanged));
