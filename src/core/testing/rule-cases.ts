import type { Facts } from '../record/entries/properties';
import type { ThingType } from '../record/entries/thing-types';
import type { Settings } from '../codes/settings/settings';
import { bench, testSettings } from './bench';
import type { Bench, BenchFacts } from './bench';

/** A panel to be recorded for a case, through the same entries a user makes. */
export interface Given extends BenchFacts {
  /** Shorthand lines. */
  lines?: readonly string[];
  /** Other things declared: type, id, what it stands in, facts. */
  things?: readonly (readonly [ThingType, string, string, Facts])[];
  /**
   * Facts by what they are about: an id, "main", or "device 7", "terminal 7", "wire 7", "cable 7",
   * "circuit 7", "load 7", "position 7", "neutral 3", "ground 3".
   */
  facts?: Readonly<Record<string, Facts>>;
  settings?: Partial<Settings>;
  /** Recorded last, where it needs what was recorded before. */
  after?: (made: Bench) => void;
}

/** Name of the condition; what is recorded; the outcome, `found: message` where it fires; the place where there are several. */
export type RuleCase = readonly [name: string, given: Given, expected: string, at?: string];

/** Records a case. */
export function record({ lines = [], things = [], facts = {}, after, ...given }: Given): Bench {
  const made = bench(given);
  for (const [type, id, within, said] of things) made.book.add(type, id, within, said);
  made.lines(...lines);
  for (const [about, said] of Object.entries(facts)) made.facts(said, refOf(made, about));
  after?.(made);
  return made;
}

/** What the rule answers in a case: one word where it answers the same everywhere. */
export function answerOf(rule: string, [, given, , at]: RuleCase): string {
  const made = record(given);
  const { verdicts } = made.assess({ ...testSettings, ...given.settings });
  const answers = verdicts
    .filter((verdict) => verdict.rule.id === rule && (!at || verdict.place.label === at))
    .map(({ outcome }) =>
      outcome.outcome === 'found' ? `found: ${outcome.message}` : outcome.outcome,
    );
  const different = [...new Set(answers)];
  if (different.length === 1) return different[0]!;
  const places = verdicts
    .filter((verdict) => verdict.rule.id === rule)
    .map(({ place, outcome }) => `${place.label}: ${outcome.outcome}`);
  return `no one answer; places: ${places.join('; ') || 'none'}`;
}

/** The id behind the words of a case. */
export function refOf({ book }: Bench, words: string): string {
  const [kind, number] = words.split(' ');
  const panel = book.site.panels[0]!;
  if (words === 'main') return panel.main!.id;
  if (number === undefined) return words;
  const terminal = [...panel.terminals.values()].find((one) => one.label === number);
  const conductor = terminal?.conductors[0];
  const ref = {
    device: () => terminal?.device.id,
    terminal: () => terminal?.ref,
    wire: () => conductor?.id,
    cable: () => conductor?.cable?.id,
    circuit: () => terminal?.circuit?.id,
    load: () => terminal?.circuit?.loads[0]?.id,
    position: () => panel.positions.find((one) => one.number === Number(number))?.ref,
    neutral: () => `nbar/t${number}`,
    ground: () => `gbar/t${number}`,
    multiwire: () => panel.multiwires[Number(number) - 1]?.id,
  }[kind as 'device']();
  if (!ref) throw new Error(`nothing recorded is "${words}"`);
  return ref;
}
