import type {
  AddEntry,
  Certainty,
  Entry,
  Json,
  ObserveEntry,
  UndoEntry,
} from '../../record/entries/entry';
import { entryVersion } from '../../record/entries/entry';
import { rankOf } from '../../record/entries/strange';
import type { Facts, PropertyName } from '../../record/entries/properties';
import { propertySpec } from '../../record/entries/properties';
import { takingAway } from '../../record/entries/taken-away';
import type { ThingType } from '../../record/entries/thing-types';
import type { FactReader } from '../../record/entries/fact-reader';

type Envelope = 'v' | 'id' | 'counter' | 'device' | 'author' | 'at' | 'action';

/** An entry before it has its id, author and place in the order. */
export type Draft =
  Omit<AddEntry, Envelope> | Omit<ObserveEntry, Envelope> | Omit<UndoEntry, Envelope>;

/** Who writes, where and when; ids and time come from outside the core. */
export interface Stamp {
  newId(): string;
  device: string;
  author: string;
  /** ISO 8601 with offset. */
  at: string;
  /** Highest counter seen so far. */
  counter: number;
}

export function add(
  type: ThingType,
  thing: string,
  parent: string | null,
  facts: Facts,
  certainty: Certainty = 'seen',
): Draft {
  return { kind: 'add', thing, type, in: parent, facts: facts as Record<string, Json>, certainty };
}

/**
 * States facts; what stands now for the same properties is named as replaced. What takes a thing away names all
 * that was known of it: what another records of it meanwhile is told apart by that.
 */
export function observe(
  reader: FactReader,
  about: string,
  facts: Facts,
  certainty: Certainty = 'seen',
): Draft {
  const replaces = Object.keys(facts)
    .filter((property) => !propertySpec(property)?.ofEntry)
    .flatMap((property) => reader.facts(about, property as PropertyName).map((fact) => fact.entry));
  if (takingAway.some((property) => facts[property] === true))
    replaces.push(...reader.entriesOn(about));
  return {
    kind: 'observe',
    about,
    facts: facts as Record<string, Json>,
    certainty,
    replaces: [...new Set(replaces)],
  };
}

/** Makes entries of one action. */
export function stamp(drafts: readonly Draft[], by: Stamp): Entry[] {
  const action = by.newId();
  return drafts.map((draft, index) => ({
    v: entryVersion,
    id: by.newId(),
    counter: by.counter + 1 + index,
    device: by.device,
    author: by.author,
    at: by.at,
    action,
    ...draft,
  }));
}

/** Highest counter among entries, of those that are counts; 0 for none. */
export const highestCounter = (entries: readonly Entry[]) =>
  entries.reduce((most, entry) => Math.max(most, rankOf(entry)), 0);

/** Drafts that say only what is not known already. */
export function changedFacts(reader: FactReader, about: string, facts: Facts): Facts {
  return Object.fromEntries(
    Object.entries(facts).filter(
      ([property, value]) =>
        value !== undefined &&
        JSON.stringify(reader.value(about, property as PropertyName)) !== JSON.stringify(value),
    ),
  ) as Facts;
}
