import type { Fact } from '../../record/entries/inspection';
import type { PropertyName } from '../../record/entries/properties';
import type { FactReader } from '../../record/entries/fact-reader';

/**
 * Conditions of a thing that can stand side by side, with what was recorded of it while only one
 * could be said. Undefined: nobody looked.
 */
export function statesOf(
  reader: FactReader,
  about: string,
  several: PropertyName,
  single: PropertyName,
  sound: string,
): { states: string[]; facts: Fact[] } | undefined {
  const now = reader.fact(about, several) as Fact | undefined;
  const before = reader.fact(about, single) as Fact | undefined;
  if (!now && !before) return undefined;
  const states = new Set((now?.value as string[] | undefined) ?? []);
  if (before && before.value !== sound) states.add(before.value as string);
  return { states: [...states], facts: [now, before].filter((fact) => fact !== undefined) };
}
