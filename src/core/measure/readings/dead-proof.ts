import type { Fact } from '../../record/entries/inspection';
import type { PropertyName } from '../../record/entries/properties';
import type { FactReader } from '../../record/entries/fact-reader';
import type { SystemName } from '../../vocabulary/system';
import { systems } from '../../vocabulary/system';
import type { Yardstick } from '../../codes/yardstick/yardstick';
import { takingOf } from './taken-with';

type DeadProperty = Extract<PropertyName, `dead${string}V` | `prove${string}V`>;

/** Every pair to be proven dead, of legs, neutral and ground. */
export function deadPairs(system: SystemName): DeadProperty[] {
  return systems[system].legs.length === 3
    ? [
        'deadAbV',
        'deadBcV',
        'deadCaV',
        'deadAnV',
        'deadBnV',
        'deadCnV',
        'deadAgV',
        'deadBgV',
        'deadCgV',
        'deadNgV',
      ]
    : ['deadAbV', 'deadAnV', 'deadBnV', 'deadAgV', 'deadBgV', 'deadNgV'];
}

export const proofSteps = (system: SystemName): DeadProperty[] => [
  'proveBeforeV',
  ...deadPairs(system),
  'proveAfterV',
];

export interface DeadProof {
  /** none: not begun; open: steps are missing; wrong: it proves nothing; proven. */
  state: 'none' | 'open' | 'wrong' | 'proven';
  /** Why it proves nothing, or what is missing. */
  because: string;
  /** The step to take next. */
  next: DeadProperty | undefined;
  facts: Fact[];
}

/**
 * Proof of dead from the readings: tester shown on a live source, every pair below 1 V, tester
 * shown again, in that order. A non-contact tester proves nothing.
 */
export function deadProof(
  reader: FactReader,
  panel: string,
  system: SystemName,
  { deadBelowV, liveFromV }: Pick<Yardstick, 'deadBelowV' | 'liveFromV'>,
): DeadProof {
  const steps = proofSteps(system).map((property) => ({
    property,
    fact: reader.fact(panel, property),
  }));
  const facts = steps.flatMap(({ fact }) => (fact ? [fact as Fact<number>] : []));
  const answer = (state: DeadProof['state'], because: string, next?: DeadProperty): DeadProof => ({
    state,
    because,
    next,
    facts: facts as Fact[],
  });
  if (facts.length === 0) return answer('none', 'not begun', 'proveBeforeV');
  const [before, ...rest] = steps;
  if (!before!.fact)
    return answer('wrong', 'the tester was not shown to work before: begin again', 'proveBeforeV');
  const contactless = facts.find((fact) => {
    const { instrument } = takingOf(reader, fact as Fact);
    return instrument && reader.value(instrument, 'instrumentKind') === 'tester';
  });
  if (contactless)
    return answer('wrong', 'a non-contact tester alone never proves dead', 'proveBeforeV');
  for (const { property, fact } of steps) {
    if (!fact) continue;
    const proving = property.startsWith('prove');
    if (proving && fact.value < liveFromV)
      return answer('wrong', `the tester did not show a live source: ${fact.value} V`, property);
    if (!proving && fact.value >= deadBelowV)
      return answer(
        'wrong',
        `not dead: ${fact.value} V where below ${deadBelowV} V is dead`,
        property,
      );
  }
  const times = facts.map(({ at }) => Date.parse(at));
  const early = times.findIndex(
    (time, index) => index > 0 && index < times.length - 1 && time < times[0]!,
  );
  const pairs = times.slice(1, -1);
  const missing = rest.find(({ fact }) => !fact);
  if (early >= 0 || (!missing && pairs.some((time) => time > times.at(-1)!)))
    return answer('wrong', 'not in this order: tester, every pair, tester again', 'proveBeforeV');
  if (missing) return answer('open', 'steps are missing', missing.property);
  return answer('proven', 'tester on a live source, every pair dead, tester again', undefined);
}
