import type { Parsed } from '../../vocabulary/fault';
import { faultsOf } from '../../vocabulary/fault';
import * as v from 'valibot';
import type { Entry } from './entry';
import { entrySchema } from './entry';
import { isPlainEntry } from './plain-entry';

/** Lifts an entry of any published version to the current one. Version 1 is the first. */
function upcast(raw: unknown): unknown {
  return raw;
}

/** Reads one entry of any published version. */
export function parseEntry(raw: unknown, at = ''): Parsed<Entry> {
  const lifted = upcast(raw);
  if (isPlainEntry(lifted)) return { ok: true, value: lifted };
  const result = v.safeParse(entrySchema, lifted);
  return result.success
    ? { ok: true, value: result.output }
    : { ok: false, faults: faultsOf(result.issues, at) };
}
