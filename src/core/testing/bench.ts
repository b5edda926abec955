import type { Entry } from '../record/entries/entry';
import type { Facts } from '../record/entries/properties';
import { assess } from '../judge/assess/assess';
import type { Assessment } from '../judge/assess/assess';
import { idsFrom, Logbook } from '../fieldwork/recording/logbook';
import type { Settings } from '../codes/settings/settings';
import { startingSettings } from '../codes/settings/settings';

/** A panel under test: recorded through the same entries a user makes. */
export interface Bench {
  book: Logbook;
  panel: string;
  /** Records lines of shorthand, one action each. */
  lines(...texts: string[]): Bench;
  /** States facts about the panel, or about something else by id. */
  facts(facts: Facts, about?: string): Bench;
  assess(settings?: Settings): Assessment;
}

export const testSettings = startingSettings('Test office');

export interface BenchFacts {
  rows?: number;
  panel?: Facts;
  building?: Facts;
  /** Of the service; split-phase where it says nothing else. */
  service?: Facts;
  /** Of the disconnect outside; service equipment where the panel hangs on it. */
  disconnect?: Facts;
  /** Neutral and ground bars; true = 24 screws each. */
  bars?: boolean;
  fedBy?: 'service' | 'disconnect' | null;
}

/** A split-phase breaker panel `panel` of 24 positions with bars `nbar` and `gbar`, fed by the service. */
export function bench({
  rows = 12,
  panel = {},
  building = {},
  service = {},
  disconnect = {},
  bars = true,
  fedBy = 'service',
}: BenchFacts = {}): Bench {
  const book = new Logbook({
    newId: idsFrom('x'),
    device: 'tablet',
    author: 'ines',
    at: '2026-04-14T09:41:00+01:00',
  });
  book.add('site', 'site', null, { name: 'Test house' });
  book.add('building', 'house', 'site', building);
  book.add('service', 'service', 'house', { serviceSystem: 'split-phase', ...service });
  book.add('disconnect', 'disconnect', 'house', {
    ...(fedBy === 'disconnect' && { disconnectRole: 'service' }),
    ...disconnect,
  });
  book.add('panel', 'panel', 'house', { rows, ...panel, ...(fedBy && { fedFrom: fedBy }) });
  if (bars) {
    book.add('bar', 'nbar', 'panel', { barKind: 'neutral', terminalCount: 24 });
    book.add('bar', 'gbar', 'panel', { barKind: 'ground', terminalCount: 24 });
  }
  const self: Bench = {
    book,
    panel: 'panel',
    lines(...texts) {
      for (const text of texts) book.line('panel', text);
      return self;
    },
    facts(facts, about = 'panel') {
      book.observe(about, facts);
      return self;
    },
    assess: (settings = testSettings) => assess(book.entries, settings),
  };
  return self;
}

/** Outcomes of one rule by the label of the place. */
export function outcomes(assessment: Assessment, rule: string): Record<string, string> {
  return Object.fromEntries(
    assessment.verdicts
      .filter((verdict) => verdict.rule.id === rule)
      .map(({ place, outcome }) => [
        place.label,
        outcome.outcome === 'found' ? `found: ${outcome.message}` : outcome.outcome,
      ]),
  );
}

/** Same entries in another order, by a seed. */
export function shuffled(entries: readonly Entry[], seed: number): Entry[] {
  const result = [...entries];
  let state = seed >>> 0 || 1;
  for (let i = result.length - 1; i > 0; i -= 1) {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    const j = state % (i + 1);
    [result[i], result[j]] = [result[j]!, result[i]!];
  }
  return result;
}
