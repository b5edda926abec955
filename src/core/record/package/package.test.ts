import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { bench, testSettings } from '../../testing/bench';
import { describeFault } from '../../vocabulary/fault';
import { canonicalJson } from '../../vocabulary/canonical';
import { packageJsonSchema } from './package-schema';
import { parsePackage } from './package';

const document = () => ({
  format: 'east-gate-inspection',
  version: 4,
  inspection: { id: 'one', title: 'Test house' },
  asOf: '2026-04-14',
  settings: testSettings,
  authors: [{ id: 'ines', name: 'Ines Marrable', licence: '' }],
  yardstick: { id: 'us-2020', digest: 'a'.repeat(64) },
  ruleBook: { digest: 'b'.repeat(64) },
  issued: null,
  carried: [],
  letterhead: null,
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
      () => changed((copy) => (copy.version = 5)),
      /version: expected a version up to 4, got 5/,
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
  test('a package of the first version, as it was written, still loads', () => {
    const first = `{"asOf":"2026-04-14","authors":[{"id":"ines","licence":"","name":"Ines Marrable"}],"entries":[{"action":"a1","at":"2026-04-14T09:00:00+01:00","author":"ines","certainty":"seen","counter":1,"device":"tablet","facts":{"name":"Old house"},"id":"e1","in":null,"kind":"add","thing":"site","type":"site","v":1}],"format":"east-gate-inspection","inspection":{"id":"old","title":"Old house"},"ruleBook":{"digest":"${'b'.repeat(64)}"},"settings":${canonicalJson(testSettings)},"version":1,"yardstick":{"digest":"${'a'.repeat(64)}","id":"us-2020"}}`;
    const parsed = parsePackage(first);
    expect(parsed).toMatchObject({
      ok: true,
      value: { version: 4, issued: null, carried: null, letterhead: null },
    });
    expect(parsed.ok && parsed.value.entries[0]!.id).toBe('e1');
  });
  test('a package of the second version, as it was written, still loads; who brought what is not recorded', () => {
    const { timeZone: _, ...settings } = testSettings;
    const second = `{"asOf":"2026-04-14","authors":[{"id":"ines","licence":"","name":"Ines Marrable"}],"entries":[{"action":"a1","at":"2026-04-14T09:00:00+01:00","author":"ines","certainty":"seen","counter":1,"device":"tablet","facts":{"name":"Old house"},"id":"e1","in":null,"kind":"add","thing":"site","type":"site","v":1}],"format":"east-gate-inspection","inspection":{"id":"old","title":"Old house"},"issued":{"changes":"","kind":"report","licence":"","number":"2026-0001","on":"2026-04-22","report":"${'c'.repeat(64)}","revision":0,"signedName":"Ines Marrable"},"ruleBook":{"digest":"${'b'.repeat(64)}"},"settings":${canonicalJson({ ...settings, version: 3 })},"version":2,"yardstick":{"digest":"${'a'.repeat(64)}","id":"us-2020"}}`;
    const parsed = parsePackage(second);
    expect(parsed).toMatchObject({
      ok: true,
      value: {
        version: 4,
        carried: null,
        letterhead: null,
        issued: { number: '2026-0001' },
        settings: { version: 5 },
      },
    });
  });
  test('a package of the third version, as it was written, still loads; it shows no letterhead', () => {
    const third = `{"asOf":"2026-04-14","authors":[{"id":"ines","licence":"","name":"Ines Marrable"}],"carried":[],"entries":[{"action":"a1","at":"2026-04-14T09:00:00+01:00","author":"ines","certainty":"seen","counter":1,"device":"tablet","facts":{"name":"Old house"},"id":"e1","in":null,"kind":"add","thing":"site","type":"site","v":1}],"format":"east-gate-inspection","inspection":{"id":"old","title":"Old house"},"issued":{"changes":"","kind":"report","licence":"","number":"2026-0001","on":"2026-04-22","report":"${'c'.repeat(64)}","revision":0,"signedName":"Ines Marrable"},"ruleBook":{"digest":"${'b'.repeat(64)}"},"settings":${canonicalJson(testSettings)},"version":3,"yardstick":{"digest":"${'a'.repeat(64)}","id":"us-2020"}}`;
    expect(parsePackage(third)).toMatchObject({
      ok: true,
      value: { version: 4, carried: [], letterhead: null, issued: { number: '2026-0001' } },
    });
  });
  test.each([
    ['a signature without its report', { report: undefined }, /issued\.report/],
    ['a day that is none', { on: 'yesterday' }, /issued\.on/],
    ['another kind', { kind: 'letter' }, /issued\.kind/],
  ])('refuses %s, with its place', (_, change, message) => {
    const issued = {
      number: '2026-0001',
      revision: 0,
      kind: 'report',
      changes: '',
      signedName: 'Ines Marrable',
      licence: '',
      on: '2026-04-22',
      report: 'c'.repeat(64),
    };
    expect(faults(JSON.stringify({ ...document(), issued }))).toEqual([]);
    const copy = { ...document(), issued: { ...issued, ...change } };
    expect(faults(JSON.stringify(copy)).join('\n')).toMatch(message);
  });
  test('the published schema is the one the code reads by', () => {
    expect(JSON.parse(readFileSync('docs/inspection.schema.json', 'utf8'))).toEqual(
      JSON.parse(JSON.stringify(packageJsonSchema())),
    );
  });
});
