import type { Family } from './family';

/** Words of a label compared as the trade does: whatever the case and the spaces around. */
export const sameWords = (a: string, b: string) =>
  a === b || a.trim().toLowerCase() === b.trim().toLowerCase();

/** Stands for every model of a maker. */
export const wholeMaker = '*';

/** Families that map a nameplate of this maker; with the model, only those that map it or all of its. */
export const familiesOfNameplate = (
  families: readonly Family[],
  maker: string,
  model?: string,
): Family[] =>
  families.filter(({ nameplates }) =>
    nameplates.some(
      (plate) =>
        sameWords(plate.maker, maker) &&
        (model === undefined ||
          plate.models.some((known) => known === wholeMaker || sameWords(known, model))),
    ),
  );
