import type { Assessment } from '../../judge/assess/assess';
import { largerByNameplate } from '../../judge/check/conductor-protection';
import type { Verdict } from '../../judge/examine/verdict';
import type { RuleId } from '../../vocabulary/rule-id';
import type { WorthTelling } from './report';

interface Telling {
  rules: readonly RuleId[];
  /** Of the clear answer. */
  when(message: string, assessment: Assessment): boolean;
  title: string;
  says: string;
}

const untouched = (message: string) => message.startsWith('permitted while untouched');
const toldToWhoever = 'Tell whoever is to work on it.';

/** Clear answers that somebody will be told the opposite of, or that end when something is changed. */
const tellings: readonly Telling[] = [
  {
    rules: ['ground/bond-downstream', 'ground/no-feeder-ground'],
    when: untouched,
    title: 'Permitted while untouched: an older three-wire feeder',
    says: `Neutral and ground are joined at this panel, and for a feeder this old that was and stays permitted as recorded. It ends when the feeder or the panel is replaced, or when a pipe, cable or other metal path joins the two buildings. ${toldToWhoever}`,
  },
  {
    rules: ['ground/three-wire-appliance'],
    when: untouched,
    title: 'Permitted while untouched: a three-wire appliance',
    says: `A dryer or range on three wires stays permitted on the circuit it was on. It ends when the circuit is altered, extended or made new; then four wires are wanted. ${toldToWhoever}`,
  },
  {
    rules: ['fuse/interchangeable-base'],
    when: untouched,
    title: 'Permitted while untouched: fuse bases that take any size',
    says: 'Bases that take a fuse of any size stay permitted while nobody has put in a larger one. It ends with the first fuse that is too large for its wire. Inserts that take one size only cost little.',
  },
  {
    rules: ['breaker/double-tap'],
    when: (message) => message === '2 conductors, screw marked for 2',
    title: 'Two wires under one screw, as marked',
    says: 'The screw is marked for two wires of this size, and two are under it. That is as it should be.',
  },
  {
    rules: ['breaker/overcurrent', 'fuse/overfused'],
    when: (message) => message.endsWith(largerByNameplate),
    title: 'Larger than the wire alone would allow, and right',
    says: 'A motor or air conditioner may have a larger breaker or fuse than its wire alone: its nameplate says so, and this one is within it. It holds for this machine only; with another on the circuit it is to be worked out again.',
  },
  {
    rules: ['ground/electrodes-not-joined'],
    when: (_, { site: { reader } }) =>
      [...reader.inspection.things.values()].filter(
        ({ id, type }) => type === 'meter' && !reader.value(id, 'removed'),
      ).length > 1,
    title: 'One grounding electrode for all, and right',
    says: 'All supplies of the building share the same grounding electrodes. That is as it should be: separate ones, not joined, would be the fault.',
  },
];

/** Clear answers worth telling, at all their places. */
export function worthTelling(assessment: Assessment): WorthTelling[] {
  const clear = assessment.verdicts.flatMap((verdict) =>
    verdict.outcome.outcome === 'clear' ? { verdict, message: verdict.outcome.message } : [],
  );
  const found = new Set(assessment.findings.map(({ verdict }) => verdict.rule.id));
  return tellings.flatMap(({ rules, when, title, says }) => {
    const here = clear.filter(
      ({ verdict, message }) => rules.includes(verdict.rule.id) && when(message, assessment),
    );
    // What is found somewhere is not called right elsewhere in the same breath.
    const also =
      rules.includes('ground/electrodes-not-joined') && rules.some((id) => found.has(id));
    if (here.length === 0 || also) return [];
    return {
      title,
      places: [...new Set(here.map(({ verdict }) => placeIn(verdict, assessment)))],
      says,
    };
  });
}

const placeIn = ({ place, panel }: Verdict, { site }: Assessment): string => {
  const name = site.panels.find((one) => one.id === panel)?.name;
  return name && site.panels.length > 1 ? `${name}, ${place.label}` : place.label;
};
