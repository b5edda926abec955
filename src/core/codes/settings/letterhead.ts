import * as v from 'valibot';

const digest = v.pipe(v.string(), v.regex(/^[0-9a-f]{64}$/, 'a SHA-256 in hex'));
const pixels = v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(20_000));
const text = (most: number) => v.pipe(v.string(), v.trim(), v.maxLength(most));

/** A standing text of the office. Its version is counted up at each change, and printed. */
const standingSchema = v.strictObject({
  version: v.pipe(v.number(), v.integer(), v.minValue(0)),
  /** Paragraphs, a line each; empty: none. */
  text: text(8000),
});

/** How dates are written: "14 April 2026" or "April 14, 2026". Both name the month, so that nobody reads it as the day. */
export const dateStyles = ['day-first', 'month-first'] as const;
export type DateStyle = (typeof dateStyles)[number];

export const papers = ['a4', 'letter'] as const;
export type Paper = (typeof papers)[number];

/** How an office shows itself on a report. Taken as it stands when a report is issued, and sealed with it. */
export const letterheadSchema = v.strictObject({
  version: v.literal(1),
  /** Lines under the name of the office. */
  address: text(400),
  licence: text(200),
  insurance: text(300),
  /** A picture of the office’s own, by its digest; null: none. */
  logo: v.nullable(v.strictObject({ digest, width: pixels, height: pixels })),
  /** What holds for every report: liability, payment, complaints. */
  terms: standingSchema,
  /** What an inspection of this office covers and what not, as told to clients. */
  covers: standingSchema,
  paper: v.picklist(papers),
  dates: v.picklist(dateStyles),
});
export type Letterhead = v.InferOutput<typeof letterheadSchema>;

/** What an office has before it set anything. */
export const plainLetterhead: Letterhead = {
  version: 1,
  address: '',
  licence: '',
  insurance: '',
  logo: null,
  terms: { version: 0, text: '' },
  covers: { version: 0, text: '' },
  paper: 'a4',
  dates: 'day-first',
};

/** A letterhead with the versions of its texts counted up where they changed. */
export function countedUp(before: Letterhead, wanted: Letterhead): Letterhead {
  const next = (part: 'terms' | 'covers') => ({
    text: wanted[part].text,
    version: before[part].version + (before[part].text === wanted[part].text ? 0 : 1),
  });
  return { ...wanted, terms: next('terms'), covers: next('covers') };
}

/** Lines of a text, without empty ones. */
export const linesOf = (words: string): string[] =>
  words
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);
