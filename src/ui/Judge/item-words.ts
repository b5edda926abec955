import type { FindingItem } from '@/core/judge/grading/items';
import type { Finding } from '@/core/judge/grading/finding';

/** Findings of an item, in the order of its places. */
export const findingsOf = ({ places }: Pick<FindingItem, 'places'>): Finding[] =>
  places.map(({ finding }) => finding);

/** "3", "3abc", "3a–f": number and letters of an item as its chip has them. */
export function chipWords({ number, places }: Pick<FindingItem, 'number' | 'places'>): string {
  const letters = places.map(({ letter }) => letter);
  return `${number}${letters.length > 3 ? `${letters[0]}–${letters.at(-1)}` : letters.join('')}`;
}

/** Whether an item has this finding. */
export const has = ({ places }: Pick<FindingItem, 'places'>, key: string | undefined): boolean =>
  places.some(({ finding }) => finding.key === key);

/** The least sure of its places. */
export const surenessOf = ({ places }: Pick<FindingItem, 'places'>): Finding['certainty'] => {
  const order = ['measured', 'seen', 'told', 'inferred'] as const;
  const worst = Math.max(...places.map(({ finding }) => order.indexOf(finding.certainty)));
  return order[worst]!;
};
