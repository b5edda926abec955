import type { FactReader } from '../../record/entries/fact-reader';
import type { ThingType } from '../../record/entries/thing-types';
import { splitRef } from '../../record/entries/thing-types';
import type { Draft } from './draft';
import { add, observe } from './draft';

/** What is said of these is a word on the findings or about the visit, not a state of the panel. */
const notOfTheMend: ReadonlySet<ThingType> = new Set([
  'mend',
  'ruling',
  'note',
  'site',
  'what-if',
  'omission',
]);

/** While something is being mended, what is recorded of the panel is of the state after: said with it. */
export function withMendStep(
  drafts: readonly Draft[],
  mend: string | undefined,
  reader: FactReader,
): readonly Draft[] {
  if (mend === undefined) return drafts;
  const typeOf = (draft: Draft) =>
    draft.kind === 'add'
      ? draft.type
      : draft.kind === 'observe'
        ? reader.inspection.things.get(splitRef(draft.about).thing)?.type
        : undefined;
  const ofPanel = drafts.some((draft) => {
    const type = typeOf(draft);
    return type !== undefined && !notOfTheMend.has(type as ThingType);
  });
  return ofPanel ? [...drafts, observe(reader, mend, { mendStep: true })] : drafts;
}

export interface MendSaid {
  by?: string;
  how?: string;
  parts?: string;
}

/** Begins a mend of findings, named by their keys as they were found. */
export const beginMend = (
  id: string,
  site: string,
  findings: readonly string[],
  { by, how, parts }: MendSaid,
): Draft =>
  add('mend', id, site, {
    mendOf: [...findings],
    ...(by && { mendedBy: by }),
    ...(how && { mendHow: how }),
    ...(parts && { mendParts: parts }),
  });
