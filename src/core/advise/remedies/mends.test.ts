import { describe, expect, test } from '@jest/globals';
import { casesByRule } from '../../judge/rules/cases';
import { ruleById } from '../../judge/rules';
import { standingsIn } from '../../judge/assess/standing';
import { assess } from '../../judge/assess/assess';
import type { Assessment } from '../../judge/assess/assessment';
import { graver } from '../../vocabulary/grade';
import { testSettings } from '../../testing/bench';
import { record } from '../../testing/rule-cases';
import type { RuleCase } from '../../testing/rule-cases';
import type { Remedy, Way } from './remedy';
import { remedyOf } from '.';
import { Situation } from './situation';
import { Work } from './work';
import { idsFrom } from '../../fieldwork/recording/logbook';

/** Every finding of a rule’s own cases, each told once by its message and what it rests on. */
function findingsOf(rule: string, cases: readonly RuleCase[]) {
  const seen = new Set<string>();
  return cases
    .filter(([, , expected]) => expected.startsWith('found'))
    .flatMap(([name, given]) => {
      const made = record(given);
      // Room where the case says nothing of it.
      for (const panel of made.book.site.panels)
        for (const { ref, devices, opening } of panel.positions)
          if (devices.length === 0 && !opening) made.facts({ opening: 'covered' }, ref);
      const settings = { ...testSettings, ...given.settings };
      const assessment = made.assess(settings);
      return assessment.findings
        .filter(({ verdict }) => verdict.rule.id === rule)
        .map((finding) => ({ name, finding, assessment, settings, entries: made.book.entries }));
    })
    .filter(({ name, finding }) => {
      const key = `${name}|${finding.outcome.message}`;
      return !seen.has(key) && seen.add(key);
    });
}
type Found = ReturnType<typeof findingsOf>[number];

const waysOf = (remedy: Remedy, { finding, assessment, settings }: Found): readonly Way[] => {
  const { site, yardstick } = assessment as Assessment;
  const panel = site.panels.find(({ id }) => id === finding.verdict.panel)!;
  return [
    ...(remedy.ways?.(new Situation(remedy, finding, site, settings, yardstick)) ?? []),
    ...(remedy.global?.({ remedy, panel, site, reader: site.reader, settings, yardstick }) ?? []),
  ].filter(({ conditions }) => conditions.every(({ state }) => state !== 'not-met'));
};

/** What the rules say of a finding after a way was gone: mended, gone, lower, the same, worse, or why it could not. */
function after(way: Way, { entries, settings, finding }: Found): string {
  const work = new Work(entries, idsFrom('plan-'));
  const refusal = way.apply(work) ?? work.refusal;
  if (refusal !== undefined) return `refused: ${refusal}`;
  const now = assess(work.all, settings);
  const { state, finding: still } = standingsIn(now)(finding.key);
  if (!still) return state;
  return still.grade === finding.grade
    ? 'same'
    : graver(still.grade, finding.grade) === finding.grade
      ? 'lower'
      : 'worse';
}

/** Of a rule whose remedies are steps all of them are gone, one after another. */
function afterSteps(found: Found): string {
  const work = new Work(found.entries, idsFrom('plan-'));
  for (const id of ruleById.get(found.finding.verdict.rule.id)!.remedies) {
    const [way] = waysOf(remedyOf(id), found);
    const refusal = way?.apply(work) ?? work.refusal;
    if (refusal !== undefined) return `refused: ${refusal}`;
  }
  return standingsIn(assess(work.all, found.settings))(found.finding.key).state;
}

/** What each way of each remedy comes to. */
function outcomesOf(found: Found): string[] {
  const rule = ruleById.get(found.finding.verdict.rule.id)!;
  return [
    ...rule.remedies.flatMap((id) =>
      waysOf(remedyOf(id), found).map((way) => `${id}: ${after(way, found)}`),
    ),
    ...(rule.remediesInOrder ? [`in order: ${afterSteps(found)}`] : []),
  ];
}

/** A moment’s clamp is no method: by it nothing is shown to be within the main afterwards. */
const exceptions = new Set<string>(['a moment’s clamp above the main itself']);

/** What no work recorded in the panel mends, and why. */
const notByWork: Record<string, string> = {
  'enclosure/disturbed|signs': 'a pointer: an answer settles it',
  'breaker/odd-one-out|odd': 'a pointer: an answer settles it',
  'breaker/off-or-tripped|off': 'why it is off is found out first',
  'breaker/trips-on-closing|appliance': 'the appliance’s fault is not the panel’s',
  'breaker/trips-on-closing|slow': 'it is followed by measuring before anything is done',
  'breaker/recalled|recalled': 'type and date code of the new one are read when it is in',
  'reading/not-proven-dead|unproven': 'about the record of work that is done',
};

describe.each([...casesByRule])('%s', (rule, cases) => {
  const found = findingsOf(rule, cases);
  if (found.length === 0) return void test.skip('found in no case of its own', () => undefined);
  test.each(found.map((one) => [`${one.finding.outcome.message}: ${one.name}`, one] as const))(
    '%s',
    (_, one) => {
      const outcomes = outcomesOf(one);
      expect(outcomes.filter((said) => said.endsWith('worse'))).toEqual([]);
      const mends = outcomes.some((said) => /: (mended|gone|lower)$/.test(said));
      const key = `${rule}|${one.finding.outcome.message}`;
      expect([outcomes, mends]).toEqual([
        outcomes,
        !(key in notByWork) && !exceptions.has(one.name),
      ]);
    },
  );
});
