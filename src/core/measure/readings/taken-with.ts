import type { Fact } from '../../record/entries/inspection';
import type { FactReader } from '../../record/entries/fact-reader';
import { propertySpec } from '../../record/entries/properties';

/** Who took a reading, when and with what. */
export interface Taking {
  author: string;
  /** ISO 8601 with offset. */
  at: string;
  instrument: string | undefined;
  /** Kind, rating and when it was last checked, in words. */
  instrumentWords: string | undefined;
}

/** The taking of a fact: the instrument is named by the same entry. */
export function takingOf(reader: FactReader, fact: Fact): Taking {
  const named = reader.facts(fact.about, 'takenWith') as readonly Fact<string>[];
  const instrument = named.find(({ entry }) => entry === fact.entry)?.value;
  return {
    author: fact.author,
    at: fact.at,
    instrument,
    instrumentWords: instrument && instrumentWords(reader, instrument),
  };
}

/** "Clamp meter, CAT III 600 V, last checked 2026-02-01". */
export function instrumentWords(reader: FactReader, id: string): string {
  const kind = reader.value(id, 'instrumentKind');
  const words = kind && propertySpec('instrumentKind')?.choices?.[kind];
  const rating = reader.value(id, 'instrumentRating');
  const checked = reader.value(id, 'lastChecked');
  return [
    reader.value(id, 'name') ?? words ?? 'an instrument',
    rating,
    checked ? `last checked ${checked}` : 'last check not recorded',
  ]
    .filter(Boolean)
    .join(', ');
}
