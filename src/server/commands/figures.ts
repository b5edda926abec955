import { assess } from '@/core';
import type { Settings } from '@/core/codes/settings/settings';
import type { Entry } from '@/core/record/entries/entry';
import { asOfDay } from '@/core/show/report/dates';
import type { Figures } from './figures-of';
import { figuresIn } from './figures-of';

export type { Figures };

/** Entries of which the figures are worked out where they are asked for: of more of them beside. */
export const fewEntries = 600;

export const figuresOf = (entries: readonly Entry[], settings: Settings): Figures =>
  figuresIn(assess(entries, settings), countsOf(entries));

/** How many entries there are, and the day they speak as of. */
export const countsOf = (entries: readonly Entry[]) => ({
  entries: entries.length,
  asOf: asOfDay(entries, new Date()),
});
