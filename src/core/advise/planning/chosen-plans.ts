import type { Range } from '../../codes/cost-book/cost-book';
import type { Entry } from '../../record/entries/entry';
import type { FactReader } from '../../record/entries/fact-reader';
import type { ThingType } from '../../record/entries/thing-types';
import { splitRef } from '../../record/entries/thing-types';

/** One work of a chosen plan and what it was reckoned at, without what is paid once a visit. */
export interface PlanLine {
  id: string;
  says: string;
  cost: Range;
}

/** A plan somebody chose, as it stood then. */
export interface ChosenPlan {
  id: string;
  name: string;
  by: string | undefined;
  works: readonly string[];
  choices: readonly string[];
  /** Works with their cost then; of a plan recorded before that was kept, none. */
  lines: readonly PlanLine[];
  book: number | undefined;
  cost: Range | undefined;
  minutes: Range | undefined;
  riskLeft: number | undefined;
  /** When it was recorded, ISO 8601, and by whom. */
  at: string;
  author: string;
  /** Facts of the place recorded since: it was made before them. */
  factsSince: number;
}

/** What is said of these changes no plan. */
const besideThePlan: ReadonlySet<ThingType> = new Set([
  'plan',
  'quote',
  'note',
  'photo',
  'ruling',
  'omission',
  'instrument',
  'what-if',
]);

/** Said of these it changes neither findings nor ways to mend them. */
export const besideTheFindings: ReadonlySet<ThingType> = new Set([
  'plan',
  'quote',
  'note',
  'photo',
  'what-if',
]);

/** Type of what an entry is about. */
const typeOf = (entry: Entry, { inspection: { things } }: FactReader): ThingType | undefined =>
  entry.kind === 'add'
    ? (entry.type as ThingType)
    : entry.kind === 'observe'
      ? things.get(splitRef(entry.about).thing)?.type
      : undefined;

/** Entries that a plan can hang on: a choice or a quote recorded since asks for no new one. */
export const bearingOnPlans = (reader: FactReader, entries: readonly Entry[]): Entry[] =>
  entries.filter((entry) => {
    const type = typeOf(entry, reader);
    return type === undefined || !besideTheFindings.has(type);
  });

/** Plans chosen in an inspection, the last first. */
export function chosenPlans(reader: FactReader, entries: readonly Entry[]): ChosenPlan[] {
  const { things } = reader.inspection;
  return [...things.values()]
    .flatMap((thing): ChosenPlan[] => {
      const name = thing.type === 'plan' && reader.fact(thing.id, 'planName');
      if (!name || reader.value(thing.id, 'removed')) return [];
      const made = entries.findIndex((entry) => entry.kind === 'add' && entry.thing === thing.id);
      const since = entries.slice(made + 1).filter((entry) => {
        const type = typeOf(entry, reader);
        return entry.kind === 'undo' || (type !== undefined && !besideThePlan.has(type));
      });
      return [
        {
          id: thing.id,
          name: name.value,
          by: reader.value(thing.id, 'planBy'),
          works: reader.value(thing.id, 'planWorks') ?? [],
          choices: reader.value(thing.id, 'planChoices') ?? [],
          lines: reader.value(thing.id, 'planLines') ?? [],
          book: reader.value(thing.id, 'planBook'),
          cost: reader.value(thing.id, 'planCost'),
          minutes: reader.value(thing.id, 'planMinutes'),
          riskLeft: reader.value(thing.id, 'planRiskLeft'),
          at: name.at,
          author: name.author,
          factsSince: since.length,
        },
      ];
    })
    .reverse();
}
