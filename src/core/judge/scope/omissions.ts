import type { FactReader } from '../../record/entries/fact-reader';
import { properties } from '../../record/entries/properties';
import type { PropertyValue } from '../../record/entries/properties';

/** Why an agreed act was not done, as somebody said. */
export interface Omission {
  id: string;
  because: PropertyValue<'omittedBecause'> | undefined;
  words: string | undefined;
  by: string | undefined;
}

/** Omissions by the key of their act; of several the last recorded. */
export function readOmissions(reader: FactReader): ReadonlyMap<string, Omission> {
  const omissions = new Map<string, Omission>();
  for (const { id, type } of reader.inspection.things.values()) {
    if (type !== 'omission' || reader.value(id, 'removed')) continue;
    const key = reader.value(id, 'omits');
    if (!key) continue;
    omissions.set(key, {
      id,
      because: reader.value(id, 'omittedBecause'),
      words: reader.value(id, 'omissionWords'),
      by: reader.value(id, 'omissionBy'),
    });
  }
  return omissions;
}

/** The reason in words; nothing where none was given. */
export function omissionReason({ because, words }: Omission): string | undefined {
  const said = [because && properties.omittedBecause.choices[because], words].filter(Boolean);
  return said.length > 0 ? said.join(': ') : undefined;
}
