import { createHash } from 'node:crypto';
import { describe, expect, test } from '@jest/globals';
import { bench, testSettings } from '../../testing/bench';
import { canonicalJson } from '../../vocabulary/canonical';
import type { InspectionPackage } from './package';
import { sealOf, verifyText } from './seal';

const sha256 = (text: string) => createHash('sha256').update(text).digest('hex');
const document: InspectionPackage = {
  format: 'east-gate-inspection',
  version: 4,
  carried: [],
  letterhead: null,
  inspection: { id: 'one', title: 'Test house' },
  asOf: '2026-04-14',
  settings: testSettings,
  authors: [{ id: 'ines', name: 'Ines Marrable', licence: '' }],
  yardstick: { id: 'us-2020', digest: 'a'.repeat(64) },
  ruleBook: { digest: 'b'.repeat(64) },
  issued: null,
  entries: bench().lines('7 20 2x12cu m1 kitchen').book.entries,
};
const seal = sealOf(document, sha256);
const verify = (change: (copy: InspectionPackage) => void) => {
  const copy = structuredClone(document);
  change(copy);
  return verifyText(canonicalJson(copy), seal.digest, seal, sha256);
};
const differences = (change: (copy: InspectionPackage) => void) => {
  const verified = verify(change);
  return verified.answer === 'true' ? [] : verified.differences;
};

describe('a seal', () => {
  test('is the SHA-256 of the canonical package, and holds nothing of itself', () => {
    expect(seal.digest).toBe(sha256(canonicalJson(document)));
    expect(verify(() => undefined)).toEqual({ answer: 'true', digest: seal.digest });
  });
  test.each([
    [
      'one letter of an entry',
      (copy: InspectionPackage) => (copy.entries[0]!.author = 'bram'),
      'was changed',
    ],
    ['an entry gone', (copy: InspectionPackage) => void copy.entries.pop(), 'is missing'],
    [
      'an entry more',
      (copy: InspectionPackage) => void copy.entries.push({ ...copy.entries[0]!, id: 'smuggled' }),
      'entry smuggled was added',
    ],
    ['the day', (copy: InspectionPackage) => (copy.asOf = '2026-04-15'), 'asOf was changed'],
    [
      'the settings',
      (copy: InspectionPackage) => (copy.settings = { ...copy.settings, organisation: 'Others' }),
      'settings was changed',
    ],
    [
      'the order of entries',
      (copy: InspectionPackage) => void copy.entries.reverse(),
      'the order of the entries',
    ],
  ])('says where: %s', (_, change, words) => {
    const found = differences((copy) => void change(copy));
    expect(found).toHaveLength(1);
    expect(found[0]).toContain(words);
  });
  test('the same facts with a space more are not the sealed text', () => {
    const spaced = verifyText(`${canonicalJson(document)} `, seal.digest, seal, sha256);
    expect(spaced).toMatchObject({
      answer: 'differs',
      differences: [expect.stringContaining('written in another way')],
    });
  });
  test('broken text, no seal, another seal: each said', () => {
    const says = (text: string, of: typeof seal | undefined) => {
      const verified = verifyText(text, seal.digest, of, sha256);
      return verified.answer === 'true' ? '' : verified.differences.join();
    };
    expect(says('{"entries":', seal)).toContain('is broken');
    expect(says('{}', undefined)).toContain('no seal');
    expect(says('{}', { ...seal, digest: 'c'.repeat(64) })).toContain('of another report');
  });
});
