import * as v from 'valibot';
import type { Size } from './size';
import { sizes } from './size';

const key = v.pipe(v.string(), v.maxLength(120));

/** What is changed against the record, to see what would happen. */
export const whatIfSchema = v.strictObject({
  /** Assumed figures set to another value, by the id of the assumption. */
  set: v.optional(v.record(key, v.pipe(v.number(), v.finite()))),
  /** Joints and ways made or undone, by the id of the switch. */
  closed: v.optional(v.record(key, v.boolean())),
  /** Supply conductors of another size, by panel. */
  size: v.optional(v.record(key, v.picklist(sizes))),
});

export interface WhatIf {
  set?: Readonly<Record<string, number>>;
  closed?: Readonly<Record<string, boolean>>;
  size?: Readonly<Record<string, Size>>;
}

/** One change laid over others; the later counts. */
export const overlaid = (one: WhatIf, other: WhatIf): WhatIf => ({
  set: { ...one.set, ...other.set },
  closed: { ...one.closed, ...other.closed },
  size: { ...one.size, ...other.size },
});

export const isEmpty = (whatIf: WhatIf) =>
  [whatIf.set, whatIf.closed, whatIf.size].every((part) => Object.keys(part ?? {}).length === 0);
