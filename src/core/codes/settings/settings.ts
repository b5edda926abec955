import * as v from 'valibot';
import type { Family } from '../families/family';
import { familySchema } from '../families/family';
import { recallSchema } from '../families/recall';
import { shippedRecalls } from '../families/shipped-recalls';
import { shippedFamilies } from '../families/shipped';
import { costBookSchema } from '../cost-book/cost-book';
import { shippedCostBook } from '../cost-book/shipped';
import { schools } from './schools';

export type { Family };
export { schools, schoolWords } from './schools';
export type { School } from './schools';

function isTimeZone(name: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: name }).format(0) !== '';
  } catch {
    return false;
  }
}

const days = v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(3650));
const words = v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(2000));
const messageSchema = v.strictObject({
  short: v.optional(words),
  seen: v.optional(words),
  why: v.optional(words),
  ask: v.optional(words),
});

/** What an organisation sets; frozen into each inspection so that its report stays the same. */
export const settingsSchema = v.strictObject({
  version: v.literal(5),
  organisation: v.string(),
  /** IANA name of the time zone of the office: the day of issue is its day. */
  timeZone: v.pipe(v.string(), v.maxLength(60), v.check(isTimeZone, 'a time zone such as UTC')),
  /** School of grading. */
  school: v.picklist(schools),
  yardstick: v.string(),
  /** Ids of local amendments laid over the yardstick, in order. */
  amendments: v.array(v.string()),
  /** Years after an edition before it was in force there; null = not known. */
  adoptionYears: v.nullable(v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(20))),
  /** Days from the inspection to the deadline of each grade. */
  deadlineDays: v.strictObject({ danger: days, urgent: days, repair: days, plan: days }),
  families: v.array(familySchema),
  /** Types of device that were called back, kept with the families. */
  recalls: v.pipe(v.array(recallSchema), v.maxLength(2000)),
  /** Version of the registry of families and recalls, counted up at each change. */
  familiesVersion: v.pipe(v.number(), v.integer(), v.minValue(1)),
  lengths: v.picklist(['metric', 'us']),
  /** The organisation's own limits, tighter than the yardstick; null = none. */
  house: v.strictObject({
    /** Most tandems in one panel. */
    mostTandems: v.nullable(v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(84))),
  }),
  /** Its own words, by rule and message. */
  wording: v.record(v.string(), v.record(v.string(), messageSchema)),
  /** What work and parts cost: for plans, never for a grade. */
  costBook: costBookSchema,
});

export type Settings = v.InferOutput<typeof settingsSchema>;

/** Settings a new organisation starts with. */
export const startingSettings = (organisation: string): Settings => ({
  version: 5,
  organisation,
  timeZone: 'UTC',
  school: 'by-the-label',
  yardstick: 'us-2020',
  amendments: [],
  adoptionYears: null,
  deadlineDays: { danger: 0, urgent: 7, repair: 90, plan: 730 },
  lengths: 'metric',
  families: shippedFamilies,
  recalls: shippedRecalls,
  familiesVersion: 1,
  house: { mostTandems: null },
  wording: {},
  costBook: shippedCostBook,
});
