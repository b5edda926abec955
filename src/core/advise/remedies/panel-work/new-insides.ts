import type { Facts, PropertyName } from '../../../record/entries/properties';
import { lugRef, positionRef } from '../../../record/entries/thing-types';
import type { Work } from '../work';

/** What a panel is like inside where bus, lugs and screws are new; only what was recorded is said anew. */
const soundInside: Facts = {
  moistureInside: 'dry',
  waterStopped: true,
  foreignMatter: 'none',
  heatMark: false,
  melted: false,
  moisture: false,
};

/** Lugs as new ones are. */
const soundLug: Facts = {
  lugCondition: 'sound',
  lugMechanics: 'sound',
  inhibitor: 'present',
  strandsCut: false,
  markedForAl: true,
  heatMark: false,
  melted: false,
  moisture: false,
  tightness: 'firm',
};

/** Says of a thing those of the facts that were said of it before. */
export function sayAnew(work: Work, about: string, facts: Facts): void {
  const { reader } = work.site;
  const known = Object.fromEntries(
    Object.entries(facts).filter(
      ([property]) => reader.value(about, property as PropertyName) !== undefined,
    ),
  ) as Facts;
  if (Object.keys(known).length > 0) work.say(about, known);
}

/** Bus, lugs and screws new, the box and the breakers as they are. */
export function newInsides(work: Work, panel: string): void {
  const view = work.site.panels.find(({ id }) => id === panel)!;
  sayAnew(work, panel, soundInside);
  for (const { column, row } of view.positions)
    sayAnew(work, positionRef(panel, column, row), {
      busCondition: 'bright',
      barred: false,
      heatMark: false,
      melted: false,
    });
  for (const lug of [1, 2, 3, 'n'] as const) sayAnew(work, lugRef(panel, lug), soundLug);
}
