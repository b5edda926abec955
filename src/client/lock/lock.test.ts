import { beforeEach, describe, expect, test } from '@jest/globals';
import type { Lock } from './lock';
import { isLocked, lockNow, lockOf, setLock, touched, unlock } from './lock';
import { afterWrongPin, isPin, isPinOf, keptPin } from './pin';

const kept = new Map<string, string>();
const minute = 60_000;
const start = Date.parse('2026-04-14T09:00:00+01:00');
const lock = (more: Partial<Lock> = {}): Lock => ({
  by: { kind: 'passkey', ids: ['k1'] },
  afterMinutes: 15,
  wrong: 0,
  waitUntil: 0,
  ...more,
});

beforeEach(() => {
  kept.clear();
  const localStorage = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  };
  Object.assign(globalThis, { window: { localStorage } });
});

describe('the lock of a screen', () => {
  test('is of one member: another on the same device is not kept out by it, nor lets him in', () => {
    setLock('ines', lock());
    touched(start);
    lockNow('ines');
    expect(isLocked('ines', start)).toBe(true);
    expect(isLocked('bram', start)).toBe(false);
    expect(isLocked(undefined, start)).toBe(false);
    setLock('bram', lock({ afterMinutes: 1 }));
    expect(lockOf('ines')?.afterMinutes).toBe(15);
    setLock('ines', undefined);
    expect(isLocked('ines', start)).toBe(false);
    expect(lockOf('bram')?.afterMinutes).toBe(1);
  });

  test.each([
    ['just touched', 0, false],
    ['a moment before', 15 * minute - 1, false],
    ['after so many minutes', 15 * minute, true],
    ['after days', 3 * 24 * 60 * minute, true],
    ['by a clock that was set back', -minute, true],
  ])('%s', (_, later, locked) => {
    setLock('ines', lock());
    touched(start);
    expect(isLocked('ines', start + later)).toBe(locked);
  });

  test('a device nobody was seen to touch is locked', () => {
    setLock('ines', lock());
    expect(isLocked('ines', start)).toBe(true);
  });

  test('opened, it is open until it lies there again, and forgets the wrong PINs', () => {
    setLock('ines', lock({ wrong: 3, waitUntil: start + minute }));
    lockNow('ines');
    unlock('ines', start);
    expect(isLocked('ines', start + minute)).toBe(false);
    expect(lockOf('ines')).toMatchObject({ wrong: 0, waitUntil: 0 });
    expect(isLocked('ines', start + 16 * minute)).toBe(true);
  });

  test('what is kept of it and cannot be read is no lock, and breaks no page', () => {
    kept.set('east-gate-locks', '{half');
    expect(lockOf('ines')).toBeUndefined();
    expect(isLocked('ines', start)).toBe(false);
    kept.set('east-gate-locks', '{}');
    expect(lockOf('constructor')).toBeUndefined();
  });
});

describe('a PIN', () => {
  test.each(['1234', '000000', '123456789012'])('may be %s', (pin) =>
    expect(isPin(pin)).toBe(true),
  );
  test.each(['', '123', '1234567890123', '12a4', '12 34', '١٢٣٤'])('may not be %j', (pin) =>
    expect(isPin(pin)).toBe(false),
  );

  test('is kept as what follows from it alone, each time from another salt', async () => {
    const [one, other] = [await keptPin('4711'), await keptPin('4711')];
    expect(one.hash).not.toBe(other.hash);
    expect(JSON.stringify(one)).not.toContain('4711');
    expect(await isPinOf('4711', one)).toBe(true);
    expect(await isPinOf('4712', one)).toBe(false);
    expect(await isPinOf('', one)).toBe(false);
  });

  test('four wrong ones cost nothing; from the fifth it waits, twice as long each time, a quarter of an hour at most', () => {
    const waits: number[] = [];
    let now = lock({ by: { kind: 'pin', salt: '', hash: '', rounds: 1 } });
    for (let times = 1; times <= 12; times += 1) {
      now = afterWrongPin(now, start);
      waits.push(now.waitUntil === 0 ? 0 : (now.waitUntil - start) / 1000);
    }
    expect(waits).toEqual([0, 0, 0, 0, 30, 60, 120, 240, 480, 900, 900, 900]);
  });
});
