import type { Verdict } from '../../judge/examine/verdict';
import type { Message } from '../../judge/check/rule';
import type { Settings } from '../../codes/settings/settings';
import { fill, namesIn } from '../../vocabulary/fill';

/** One part of a finding's message with its data: the organisation's own words where it has any. {place} stands for where it was found. */
export function findingWords(
  { rule, place, outcome }: Pick<Verdict, 'rule' | 'place' | 'outcome'>,
  part: keyof Message,
  { wording }: Pick<Settings, 'wording'>,
): string {
  if (outcome.outcome !== 'found') throw new Error(`${rule.id} was not found at ${place.label}`);
  const own = wording[rule.id]?.[outcome.message]?.[part];
  const template = own ?? rule.messages[outcome.message]![part];
  const data = { place: place.label, ...outcome.data };
  const known = own === undefined || namesIn(own).every((name) => name in data);
  return fill(known ? template : rule.messages[outcome.message]![part], data);
}
