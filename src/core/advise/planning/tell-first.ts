import type { FactReader } from '../../record/entries/fact-reader';
import { listed } from '../../vocabulary/phrases';
import type { Told } from '../remedies/remedy';

export type Whom = Told['whom'];

/** What each gives in return, and the property it is written under. */
export const gives = {
  permit: { words: 'Permit desk', gives: 'permit number', property: 'planPermit' },
  utility: { words: 'Utility', gives: 'order number', property: 'planUtility' },
  owner: { words: 'Owner', gives: 'what was agreed', property: 'planOwner' },
} as const;

/** Somebody to be told before work begins, with what was given in return. */
export interface TellLine {
  whom: Whom;
  /** All reasons together: "the panel is replaced and the service is shut off". */
  why: string;
  /** Days it takes, the longest. */
  days: number;
  /** What was given; undefined: still wanted. */
  reference: string | undefined;
}

/** Who is told before the work of a chosen plan, each once. */
export function tellFirst(reader: FactReader, plan: string): TellLine[] {
  const told = reader.value(plan, 'planTell') ?? [];
  return (['permit', 'utility', 'owner'] as const).flatMap((whom) => {
    const own = told.filter((one) => one.whom === whom);
    if (own.length === 0) return [];
    return [
      {
        whom,
        why: listed([...new Set(own.map(({ why }) => why))]),
        days: Math.max(...own.map(({ days }) => days)),
        reference: reader.value(plan, gives[whom].property),
      },
    ];
  });
}
