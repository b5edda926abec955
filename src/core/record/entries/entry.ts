import * as v from 'valibot';
import { rankOf } from './strange';

/** Version written into new entries. Older ones are upcast on reading, see `versions.ts`. */
export const entryVersion = 1;

/** How a fact is known, surest first. */
export const certainties = ['measured', 'seen', 'told', 'inferred'] as const;
export type Certainty = (typeof certainties)[number];

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** How ids, references and names are written. */
export const patterns = {
  id: /^[A-Za-z0-9_-]{1,64}$/,
  ref: /^[A-Za-z0-9_-]{1,64}(\/[a-z0-9]{1,12})?$/,
  name: /^[a-z][A-Za-z0-9-]{0,40}$/,
} as const;

const idSchema = v.pipe(
  v.string(),
  v.regex(patterns.id, 'an id of 1 to 64 letters, digits, - or _'),
);

/** A thing's id, or one of its parts: `panel/c1r3`, `device/t1`, `bar/t12`. */
const refSchema = v.pipe(v.string(), v.regex(patterns.ref, 'an id, or id/part'));

/** Text that any store can hold: no NUL, no half of a surrogate pair. */
export const isStorableText = (text: string) => text.isWellFormed() && !text.includes('\0');
const storable = v.pipe(
  v.string(),
  v.check(isStorableText, 'text without NUL or broken characters'),
);

/** Built once: it stands for itself in what it holds. */
const jsonSchema: v.GenericSchema<Json> = v.union([
  v.null(),
  v.boolean(),
  v.pipe(v.number(), v.finite()),
  storable,
  v.array(v.lazy(() => jsonSchema)),
  v.record(
    storable,
    v.lazy(() => jsonSchema),
  ),
]);

const nameSchema = v.pipe(v.string(), v.regex(patterns.name, 'a short name'));
const factsSchema = v.record(nameSchema, jsonSchema);

const envelope = {
  v: v.literal(entryVersion),
  id: idSchema,
  /** One more than the highest counter seen when it was made. */
  counter: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(Number.MAX_SAFE_INTEGER)),
  device: idSchema,
  author: idSchema,
  /** Wall time with its offset, ISO 8601. Shown, never used to order. */
  at: v.pipe(v.string(), v.isoTimestamp('an ISO 8601 date and time with its offset')),
  action: idSchema,
};

/** Declares a thing and what was seen of it at that moment. */
const addSchema = v.strictObject({
  ...envelope,
  kind: v.literal('add'),
  thing: idSchema,
  type: nameSchema,
  in: v.nullable(idSchema),
  facts: factsSchema,
  certainty: v.picklist(certainties),
});

/** States facts about a thing or part. `replaces` names the entries whose values it corrects. */
const observeSchema = v.strictObject({
  ...envelope,
  kind: v.literal('observe'),
  about: refSchema,
  facts: factsSchema,
  certainty: v.picklist(certainties),
  replaces: v.array(idSchema),
});

/** Takes back every earlier entry of an action. Undoing an undo is redo. */
const undoSchema = v.strictObject({ ...envelope, kind: v.literal('undo'), undoes: idSchema });

/** The shape of an entry. What it says may still be impossible: the fold decides that, and keeps it. */
export const entrySchema = v.variant('kind', [addSchema, observeSchema, undoSchema]);

export type AddEntry = v.InferOutput<typeof addSchema>;
export type ObserveEntry = v.InferOutput<typeof observeSchema>;
export type UndoEntry = v.InferOutput<typeof undoSchema>;
export type Entry = AddEntry | ObserveEntry | UndoEntry;

/** Total order of entries: counter, then device, then id. */
export function compareEntries(a: Entry, b: Entry): number {
  const ranks = rankOf(a) - rankOf(b);
  if (ranks !== 0) return ranks;
  if (a.device !== b.device) return a.device < b.device ? -1 : 1;
  return a.id < b.id ? -1 : a.id > b.id ? 1 : 0;
}
