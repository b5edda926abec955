import { expect, test } from '@jest/globals';
import { heldWords } from './held-words';

test.each([
  [undefined, /^Reading/],
  [null, /could not be read just now/],
  [{ entries: 0, pictures: 0 }, /^Nothing waits on this device/],
  [
    { entries: 1, pictures: 0 },
    /^1 entry recorded on this device has not arrived yet, and is kept here until then/,
  ],
  [{ entries: 0, pictures: 1 }, /^1 file \(photos, spoken notes\) recorded on this device has not/],
  [
    { entries: 12, pictures: 2 },
    /^12 entries and 2 files \(photos, spoken notes\) recorded on this device have not arrived yet, and are kept/,
  ],
])('%j', (held, words) => expect(heldWords(held)).toMatch(words));

test('what was not read is never told as arrived', () => {
  for (const held of [undefined, null]) expect(heldWords(held)).not.toMatch(/arrived/);
});
