import type { Verdict } from '../../judge/examine/verdict';
import type { Message } from '../../judge/check/rule';
import type { Settings } from '../../codes/settings/settings';
import type { MessageData } from '../../vocabulary/fill';
import { fill, namesIn } from '../../vocabulary/fill';
import { listed } from '../../vocabulary/phrases';

type Answered = Pick<Verdict, 'rule' | 'place' | 'outcome'>;

/** One part of a finding's message with its data: the organisation's own words where it has any. {place} stands for where it was found. */
export const findingWords = (
  verdict: Answered,
  part: keyof Message,
  settings: Pick<Settings, 'wording'>,
): string => wordsWith(verdict, part, settings, dataOf(verdict));

/** The same of like findings told as one: data that differs from place to place is listed, "3 and 9". */
export function itemWords(
  verdicts: readonly Answered[],
  part: keyof Message,
  settings: Pick<Settings, 'wording'>,
): string {
  const all = verdicts.map(dataOf);
  const [first] = all as [MessageData];
  const merged = Object.fromEntries(
    Object.keys(first).map((name) => {
      const values = [...new Set(all.map((data) => data[name]!))];
      return [name, values.length === 1 ? values[0]! : listed(values)];
    }),
  );
  return wordsWith(verdicts[0]!, part, settings, merged);
}

const dataOf = ({ rule, place, outcome }: Answered): MessageData => {
  if (outcome.outcome !== 'found') throw new Error(`${rule.id} was not found at ${place.label}`);
  return { place: place.label, ...outcome.data };
};

function wordsWith(
  { rule, outcome }: Answered,
  part: keyof Message,
  { wording }: Pick<Settings, 'wording'>,
  data: MessageData,
): string {
  if (outcome.outcome !== 'found') return '';
  const own = wording[rule.id]?.[outcome.message]?.[part];
  const template = rule.messages[outcome.message]![part];
  const known = own !== undefined && namesIn(own).every((name) => name in data);
  return fill(known ? own : template, data);
}
