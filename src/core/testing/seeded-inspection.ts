import * as v from 'valibot';
import { highestCounter, stamp } from '../fieldwork/recording/draft';
import type { Draft } from '../fieldwork/recording/draft';
import type { Entry, Json } from '../record/entries/entry';
import { properties } from '../record/entries/properties';
import type { PropertySpec } from '../record/entries/properties';
import { lugRef, positionRef } from '../record/entries/thing-types';
import type { Subject } from '../record/entries/thing-types';
import { bench } from './bench';
import type { Chance } from './chance';
import { chanceOf } from './chance';

/** Least and most entries of a seeded inspection. */
export const seededSizes = { least: 20, most: 600 } as const;

const makers = ['Tarnholt', 'Merrowby', 'Oskelund', 'Dunvarick'];
const rooms = ['kitchen', 'hall', 'cellar', 'range', 'porch', 'bedroom', 'boiler', 'garage'];

/** Facts taken back now and then, one action in so many. */
const undoneOneIn = 40;
/** Facts said a second time and otherwise: a contradiction, one in so many. */
const contradictedOneIn = 300;

/**
 * An inspection that differs from every other seed's: the panel, its age and maker, what is wired at
 * each position, what was looked at and what was wrong with it. From 20 entries to 600, small ones
 * being the more frequent, as they are in an office.
 */
export function seededInspection(seed: number): Entry[] {
  const chance = chanceOf(seed);
  const { random, upTo, oneOf } = chance;
  const target = Math.round(seededSizes.least * (seededSizes.most / seededSizes.least) ** random());
  const rows = Math.max(2, Math.min(42, Math.round(target / (6 + upTo(12))) + upTo(3)));
  const made = bench({
    rows,
    building: { yearBuilt: 1925 + upTo(95) },
    panel: {
      maker: oneOf(makers),
      yearBuilt: 1950 + upTo(70),
      coverOpened: random() < 0.9 ? 'opened' : 'not-opened',
      bond: oneOf(['screw', 'strap', 'none'] as const),
    },
  });
  if (upTo(4) > 0) made.lines(`main ${oneOf([60, 100, 125, 200])}`);
  const taken: string[] = [];
  for (let position = 1; position <= rows * 2 && made.book.entries.length < target - 6; position++)
    if (random() < 0.85) {
      const line = lineAt(position, chance);
      made.lines(line);
      taken.push(line);
    }
  const { entries } = made.book;
  const places = placesOf(entries, rows);
  const all: Entry[] = [...entries];
  let ids = 0;
  const said = new Set(
    entries.flatMap((entry) =>
      entry.kind === 'undo'
        ? []
        : Object.keys(entry.facts).map(
            (property) => `${entry.kind === 'add' ? entry.thing : entry.about}|${property}`,
          ),
    ),
  );
  const write = (draft: Draft) =>
    all.push(
      ...stamp([draft], {
        newId: () => `s${seed}-${(ids += 1)}`,
        device: upTo(5) === 0 ? 'phone' : 'tablet',
        author: 'ines',
        at: '2026-04-14T10:12:00+01:00',
        counter: highestCounter(all),
      }),
    );
  while (all.length < target) {
    const { about, subject } = oneOf(places);
    const [property, spec] = oneOf(askedOf(subject));
    const key = `${about}|${property}`;
    if (said.has(key) && upTo(contradictedOneIn) > 0) {
      if (said.size > places.length * 4) break;
      continue;
    }
    said.add(key);
    const value = valueOf(spec, chance);
    if (!v.is(spec.schema, value)) continue;
    write({
      kind: 'observe',
      about,
      facts: { [property]: value },
      certainty: 'seen',
      replaces: [],
    });
    if (upTo(undoneOneIn) === 0) write({ kind: 'undo', undoes: all.at(-1)!.action });
  }
  return all;
}

function lineAt(position: number, { upTo, random, oneOf }: Chance): string {
  if (random() < 0.1) return `${position} ${oneOf(['covered', 'blank', 'open!'])}`;
  const rating = oneOf([15, 15, 20, 20, 30]);
  const size = oneOf(rating === 30 ? ['10cu', '12cu'] : ['12cu', '14cu', '14cu', '12al']);
  const wires = random() < 0.12 ? `2x${size}` : `${size}:${random() < 0.1 ? 'w' : 'b'}`;
  return [
    position,
    rating,
    wires,
    random() < 0.8 ? 'm1' : '',
    random() < 0.7 ? `n${1 + upTo(24)} g${1 + upTo(24)}` : '',
    random() < 0.8 ? 'in:nm' : '',
    random() < 0.2 ? 'gfci' : '',
    random() < 0.5 ? `@${oneOf(makers).toLowerCase()}` : '',
    random() < 0.06 ? '!burned' : '',
    oneOf(rooms),
  ]
    .filter((word) => word !== '')
    .join(' ');
}

/** What can be spoken of, with what it is. */
function placesOf(entries: readonly Entry[], rows: number): { about: string; subject: Subject }[] {
  const things = entries.flatMap((entry) =>
    entry.kind === 'add' ? [{ about: entry.thing, subject: entry.type as Subject }] : [],
  );
  const positions = Array.from({ length: rows }, (_, index) =>
    [1, 2].map((column) => ({
      about: positionRef('panel', column, index + 1),
      subject: 'position' as const,
    })),
  ).flat();
  const terminals = things
    .filter(({ subject }) => subject === 'device')
    .map(({ about }) => ({ about: `${about}/t1`, subject: 'terminal' as const }));
  const lugs = ([1, 2, 'n'] as const).map((lug) => ({
    about: lugRef('panel', lug),
    subject: 'lug' as const,
  }));
  const panels = things.filter(({ subject }) => subject === 'panel');
  return [
    ...things,
    ...positions,
    ...terminals,
    ...lugs,
    ...Array<typeof panels>(12).fill(panels).flat(),
  ];
}

const bySubject = new Map<Subject, [string, PropertySpec][]>();
/** What a look can tell of a subject; not what stands there, which the lines recorded. */
function askedOf(subject: Subject): [string, PropertySpec][] {
  let known = bySubject.get(subject);
  if (!known) {
    known = Object.entries(properties as Record<string, PropertySpec>).filter(
      ([name, spec]) =>
        spec.on.includes(subject) &&
        spec.act !== 'none' &&
        !spec.retired &&
        !['removed', 'coverOpened', 'rows'].includes(name) &&
        ['yes-no', 'choice', 'number', 'text'].includes(spec.input),
    );
    bySubject.set(subject, known);
  }
  return known.length > 0 ? known : [['name', properties.name]];
}

function valueOf(spec: PropertySpec, { upTo, random, oneOf }: Chance): Json {
  if (spec.fine !== undefined && random() < 0.8) return spec.fine;
  if (spec.input === 'yes-no') return random() < 0.15;
  if (spec.input === 'choice') return oneOf(Object.keys(spec.choices!));
  if (spec.input === 'number') return upTo(120);
  return oneOf(rooms);
}
