import type { RuleId } from '../../vocabulary/rule-id';
import type { PropertyName } from '../../record/entries/properties';
import type { Assessment } from '../../judge/assess/assess';
import type { Fact } from '../../record/entries/inspection';
import type { PanelView } from '../../installation/panel/views';
import { fill } from '../../vocabulary/fill';
import type { Verdict } from '../../judge/examine/verdict';
import { deadProof } from '../../measure/readings/dead-proof';
import type { Slot } from './slots';
import type { Taking } from '../../measure/readings/taken-with';
import { takingOf } from '../../measure/readings/taken-with';

/** What a reading says at once. */
export interface ReadingVerdict {
  level: 'unread' | 'good' | 'look' | 'bad' | 'again' | 'on-record';
  words: string;
}

export interface Reading {
  fact: Fact | undefined;
  taking: Taking | undefined;
  verdict: ReadingVerdict;
}

const voltage = ['reading/lost-neutral', 'reading/dead-leg', 'reading/voltage-range'] as const;

/** Rules that judge a reading, by its property. */
const judgedBy: Readonly<Partial<Record<PropertyName, readonly RuleId[]>>> = {
  abV: voltage,
  bcV: voltage,
  caV: voltage,
  anV: voltage,
  bnV: voltage,
  cnV: voltage,
  ngV: ['reading/suspected-bond'],
  groundA: ['ground/stray-current'],
  pipeCurrentA: ['ground/stray-current'],
  loadCurrentA: ['load/circuit'],
  legA: ['load/leg-balance'],
  legB: ['load/leg-balance'],
  outputV: ['breaker/no-output'],
  electrodeOhm: ['ground/single-rod'],
  temperatureC: ['reading/hot-part'],
  torqueNm: ['breaker/loose', 'service/loose', 'ground/loose', 'reading/torque'],
  poleToPoleV: ['breaker/no-output'],
  acrossV: ['breaker/no-output'],
  continuityOhm: ['ground/continuity'],
  legC: ['load/leg-balance'],
  testButton: ['breaker/test-button'],
  tightness: ['breaker/loose', 'neutral/loose', 'ground/loose'],
};

/** Readings of a panel, each with what the rules say of it. Put together once for all slots. */
export function readingsOf(assessment: Assessment, panel: PanelView): (slot: Slot) => Reading {
  const { reader } = assessment.site;
  const byRule = new Map<string, Verdict[]>();
  for (const verdict of assessment.verdicts)
    if (verdict.panel === panel.id)
      byRule.set(verdict.rule.id, [...(byRule.get(verdict.rule.id) ?? []), verdict]);
  const proof = deadProof(reader, panel.id, panel.system, assessment.yardstick);
  return ({ about, property }) => {
    const fact = reader.fact(about, property) as Fact | undefined;
    if (!fact) return { fact, taking: undefined, verdict: { level: 'unread', words: 'not read' } };
    const taking = takingOf(reader, fact);
    const give = (level: ReadingVerdict['level'], words: string): Reading => ({
      fact,
      taking,
      verdict: { level, words },
    });
    if (property.startsWith('dead') || property.startsWith('prove')) {
      if (proof.state === 'wrong')
        return give(proof.next === property ? 'bad' : 'again', proof.because);
      return give(proof.state === 'proven' ? 'good' : 'on-record', proof.because);
    }
    const verdicts = (judgedBy[property] ?? []).flatMap((rule) =>
      (byRule.get(rule) ?? []).filter((verdict) => restsOn(verdict, fact)),
    );
    const again = verdicts.find(
      ({ outcome }) =>
        outcome.outcome === 'not-seen' &&
        outcome.wants.some(({ say }) => say.startsWith('read again')),
    );
    const worst =
      verdicts.find(({ outcome }) => outcome.outcome === 'found') ??
      again ??
      ['not-seen', 'clear']
        .map((name) => verdicts.find(({ outcome }) => outcome.outcome === name))
        .find(Boolean);
    if (!worst || worst.outcome.outcome === 'does-not-apply') return give('on-record', 'on record');
    const { outcome, rule, place } = worst;
    if (outcome.outcome === 'found') {
      const message = rule.messages[outcome.message]!;
      const minor = (outcome.base ?? rule.base).severity <= 2 && !outcome.danger;
      return give(
        minor ? 'look' : 'bad',
        fill(message.short, { place: place.label, ...outcome.data }),
      );
    }
    if (outcome.outcome === 'not-seen') {
      const say = outcome.wants.map((one) => one.say).join('; ');
      return give(say.startsWith('read again') ? 'again' : 'on-record', say);
    }
    return give('good', outcome.outcome === 'clear' ? outcome.message : 'on record');
  };
}

/** Whether an answer has to do with this fact: it rests on it, or is given at the thing it is of. */
const restsOn = ({ outcome, place }: Verdict, fact: Fact): boolean =>
  ('facts' in outcome &&
    !!outcome.facts?.some((one) => one.entry === fact.entry && one.property === fact.property)) ||
  (outcome.outcome === 'not-seen' &&
    !('facts' in outcome && outcome.facts) &&
    (place.ref === fact.about ||
      outcome.wants.some(
        ({ about, property }) => about === fact.about && property !== fact.property,
      )));
