import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { bench, testSettings } from '../testing/bench';
import { describeFault } from '../entries/versions';
import { canonicalJson } from './canonical';
import { packageJsonSchema } from './package-schema';
import { parsePackage } from './package';

const document = () => ({
  format: 'east-gate-inspection',
  version: 1,
  inspection: { id: 'one', title: 'Test house' },
  asOf: '2026-04-14',
  settings: testSettings,
  authors: [{ id: 'ines', name: 'Ines Marrable', licence: '' }],
  yardstick: { id: 'us-2020', digest: 'a'.repeat(64) },
  ruleBook: { digest: 'b'.repeat(64) },
  entries: bench().lines('7 20 2x12cu m1 kitchen').book.entries as unknown[],
});

const faults = (text: string) => {
  const parsed = parsePackage(text);
  return parsed.ok ? [] : parsed.faults.map(describeFault);
};
const changed = (change: (copy: ReturnType<typeof document>) => void) => {
  const copy = structuredClone(document());
  change(copy);
  return faults(JSON.stringify(copy));
};

describe('package', () => {
  test('reads what it wrote', () => {
    const parsed = parsePackage(canonicalJson(document()));
    expect(parsed.ok && parsed.value).toEqual(document());
  });
  test.each([
    ['broken JSON', () => faults('{"format":'), /inspection\.json: expected JSON, got/],
    [
      'another format',
      () => faults('{"format":"other"}'),
      /format: expected "east-gate-inspection", got "other"/,
    ],
    ['no object at all', () => faults('7'), /format: expected/],
    [
      'a version to come',
      () => changed((copy) => (copy.version = 2)),
      /version: expected a version up to 1, got 2/,
    ],
    [
      'a yardstick unknown here',
      () => changed((copy) => (copy.yardstick.id = 'moon-1')),
      /yardstick\.id: expected one of us-2020/,
    ],
    [
      'an entry with a bad counter',
      () => changed((copy) => ((copy.entries[3] as { counter: number }).counter = -1)),
      /entries\.3\.counter: expected >=1, got -1/,
    ],
    [
      'an entry that is none',
      () => changed((copy) => (copy.entries[2] = 'nothing')),
      /entries\.2: expected Object, got "nothing"/,
    ],
    [
      'one id twice',
      () => changed((copy) => copy.entries.push(copy.entries[0])),
      /entries\.\d+\.id: expected an id used once/,
    ],
    [
      'settings without a deadline',
      () =>
        changed(
          (copy) =>
            delete (copy.settings.deadlineDays as Partial<typeof copy.settings.deadlineDays>)
              .urgent,
        ),
      /settings\.deadlineDays\.urgent/,
    ],
  ])('%s: says where, what was expected and what came', (_, run, message) => {
    expect(run().join('\n')).toMatch(message);
  });
  test('the published schema is the one the code reads by', () => {
    expect(JSON.parse(readFileSync('docs/inspection.schema.json', 'utf8'))).toEqual(
      JSON.parse(JSON.stringify(packageJsonSchema())),
    );
  });
});
