import type { Json } from './entry';
import { certainties } from './entry';
import type { Fact, Inspection, Thing, Unplaced } from './inspection';

/**
 * What the entries say, in short: to be put by as JSON and read back without reading the entries again. In
 * columns, since many short lists take longer to read than few long ones. Not a format anybody is given: it is
 * read only by the code that wrote it.
 */
export interface KeptInspection {
  /** Each different text once: names of properties and types, authors and times. */
  words: string[];
  entries: { id: string[]; author: number[]; at: number[] };
  /** Parents as places among the things before; -1: none. */
  things: { id: string[]; type: number[]; in: number[]; entry: string[] };
  /** What is spoken of, and how many facts stand of each. */
  about: string[];
  facts: number[];
  /** Of each fact in turn: property, certainty as its place in `certainties`, its entry, the value. */
  property: number[];
  certainty: number[];
  entry: number[];
  value: Json[];
  recorded: number[];
  unplaced: Unplaced[];
  conflicts: [about: string, property: string][];
}

/** Places of texts in a list of each once. */
function placesIn(words: string[]): (word: string) => number {
  const at = new Map<string, number>();
  return (word) => {
    const known = at.get(word);
    if (known !== undefined) return known;
    at.set(word, words.length);
    return words.push(word) - 1;
  };
}

export function keepInspection(inspection: Inspection): KeptInspection {
  const words: string[] = [];
  const wordAt = placesIn(words);
  const kept: KeptInspection = {
    words,
    entries: { id: [], author: [], at: [] },
    things: { id: [], type: [], in: [], entry: [] },
    about: [],
    facts: [],
    property: [],
    certainty: [],
    entry: [],
    value: [],
    recorded: [...inspection.recorded].map(wordAt),
    unplaced: inspection.unplaced,
    conflicts: inspection.conflicts.map(({ about, property }) => [about, property]),
  };
  const thingAt = new Map<string, number>();
  for (const { id, type, in: parent, entry } of inspection.things.values()) {
    thingAt.set(id, kept.things.id.push(id) - 1);
    kept.things.type.push(wordAt(type));
    kept.things.in.push(parent === null ? -1 : thingAt.get(parent)!);
    kept.things.entry.push(entry);
  }
  const entryAt = new Map<string, number>();
  const ofEntry = ({ entry, author, at }: Fact): number => {
    const known = entryAt.get(entry);
    if (known !== undefined) return known;
    const place = kept.entries.id.push(entry) - 1;
    kept.entries.author.push(wordAt(author));
    kept.entries.at.push(wordAt(at));
    entryAt.set(entry, place);
    return place;
  };
  for (const [about, byProperty] of inspection.facts) {
    kept.about.push(about);
    const before = kept.value.length;
    for (const values of byProperty.values())
      for (const fact of values) {
        kept.property.push(wordAt(fact.property));
        kept.certainty.push(certainties.indexOf(fact.certainty));
        kept.entry.push(ofEntry(fact));
        kept.value.push(fact.value);
      }
    kept.facts.push(kept.value.length - before);
  }
  return kept;
}

/** The same inspection as was put by. */
export function readKept(kept: KeptInspection): Inspection {
  const { words, entries } = kept;
  const things = new Map<string, Thing>();
  for (const [index, id] of kept.things.id.entries()) {
    const parent = kept.things.in[index]!;
    things.set(id, {
      id,
      type: words[kept.things.type[index]!] as Thing['type'],
      in: parent < 0 ? null : kept.things.id[parent]!,
      entry: kept.things.entry[index]!,
    });
  }
  const facts = new Map<string, Map<string, Fact[]>>();
  let at = 0;
  for (const [index, about] of kept.about.entries()) {
    const byProperty = new Map<string, Fact[]>();
    for (const end = at + kept.facts[index]!; at < end; at += 1) {
      const property = words[kept.property[at]!]!;
      const entry = kept.entry[at]!;
      const fact: Fact = {
        about,
        property,
        value: kept.value[at]!,
        certainty: certainties[kept.certainty[at]!]!,
        entry: entries.id[entry]!,
        author: words[entries.author[entry]!]!,
        at: words[entries.at[entry]!]!,
      };
      const values = byProperty.get(property);
      if (values) values.push(fact);
      else byProperty.set(property, [fact]);
    }
    facts.set(about, byProperty);
  }
  return {
    things,
    facts,
    recorded: new Set(kept.recorded.map((word) => words[word]!)),
    unplaced: kept.unplaced,
    conflicts: kept.conflicts.map(([about, property]) => ({
      about,
      property,
      facts: facts.get(about)!.get(property)!,
    })),
  };
}
