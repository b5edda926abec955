import * as v from 'valibot';
import { patterns } from '../../record/entries/entry';

const id = v.pipe(v.string(), v.regex(patterns.id));
const ref = v.pipe(v.string(), v.regex(patterns.ref));
const number = v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(999));

/** What is in hand at a panel: a stage of the walk, a position by its printed number, a bar's screw, or a thing. */
const selectionSchema = v.variant('kind', [
  v.strictObject({ kind: v.literal('stage'), stage: number }),
  v.strictObject({
    kind: v.literal('position'),
    number,
    half: v.optional(v.picklist(['upper', 'lower'])),
  }),
  v.strictObject({ kind: v.literal('screw'), bar: id, number }),
  v.strictObject({ kind: v.literal('thing'), ref }),
]);
export type Selection = v.InferOutput<typeof selectionSchema>;

/** Where somebody is: the panel, and what of it he has in hand. */
export const handSchema = v.strictObject({ panel: id, selection: selectionSchema });
export type Hand = v.InferOutput<typeof handSchema>;

/** Somebody who has an inspection open, as others are told. */
export interface Present {
  /** Names the device: one person may work with two. */
  device: string;
  member: string;
  name: string;
  /** Undefined: he looks at something that is no panel. */
  hand?: Hand;
}
