import { describe, expect, test } from '@jest/globals';
import type { Facts } from '../../record/entries/properties';
import { bench } from '../../testing/bench';

const open = 'enclosure/open-position|panel/c2r12';

/** A panel with an opening at 24 (Danger now) and a doubled screw at 7, and a ruling. */
function ruled(finding: string | undefined, ...said: Facts[]) {
  const made = bench().lines('24 open!', '7 20 2x12cu m1', '9 20 2x12cu m1');
  if (finding) made.book.add('ruling', 'r', 'site', { finding });
  for (const facts of said) made.facts(facts, 'r');
  return made.assess().findings;
}
const of = (findings: ReturnType<typeof ruled>, key: string) =>
  findings.find((one) => one.key === key);

describe('overruling', () => {
  test('Danger now yields only to what was made safe; both grades and the reason stay', () => {
    const refused = of(
      ruled(open, { overruledTo: 'urgent', overruleReason: 'door locked' }),
      open,
    )!;
    expect(refused).toMatchObject({
      grade: 'danger',
      computed: 'danger',
      overrule: { to: 'urgent', refused: expect.stringContaining('made safe') },
    });
    const safe = of(
      ruled(open, {
        overruledTo: 'urgent',
        overruleReason: 'blanked for now',
        madeSafeHow: 'blank fitted by the owner’s electrician, 10:15',
      }),
      open,
    )!;
    expect(safe).toMatchObject({ grade: 'urgent', computed: 'danger', madeSafe: /blank fitted/ });
  });
  test('made safe alone changes no grade', () =>
    expect(of(ruled(open, { madeSafeHow: 'taped over' }), open)).toMatchObject({
      grade: 'danger',
      madeSafe: 'taped over',
    }));
  test('without a reason it does not count', () => {
    const tap = ruled(undefined).find((one) => one.verdict.rule.id === 'breaker/double-tap')!.key;
    expect(of(ruled(tap, { overruledTo: 'note' }), tap)).toMatchObject({
      grade: 'repair',
      overrule: { refused: 'no reason was written' },
    });
    expect(
      of(ruled(tap, { overruledTo: 'note', overruleReason: 'doorbell wire' }), tap),
    ).toMatchObject({ grade: 'note', computed: 'repair' });
  });
});

test('merged findings are reported under one, which keeps the gravest grade', () => {
  const [first, second] = ruled(undefined)
    .filter((one) => one.verdict.rule.id === 'breaker/double-tap')
    .map((one) => one.key) as [string, string];
  const findings = ruled(second, { mergedInto: first });
  expect(of(findings, second)).toBeUndefined();
  expect(of(findings, first)!.absorbed).toHaveLength(1);
});

test('the inspector orders findings within their grade, never below a graver one', () => {
  const taps = ruled(undefined).filter((one) => one.verdict.rule.id === 'breaker/double-tap');
  const last = taps.at(-1)!.key;
  const keys = ruled(last, { reportPlace: 1 }).map((one) => one.key);
  expect(keys[0]).toBe(open);
  expect(keys[1]).toBe(last);
});
