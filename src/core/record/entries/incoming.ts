import { isValid, parseISO } from 'date-fns';
import { troubleIn } from '../../vocabulary/bounded';
import type { Parsed } from '../../vocabulary/fault';
import type { Entry } from './entry';
import { isPlainEntry } from './plain-entry';
import { parseEntry } from './versions';

/** Of one new entry: deeper or longer is no fact of a panel; a chosen plan with all its steps is the longest. */
export const entryBounds = { depth: 10, nodes: 50_000, text: 20_000 };

/**
 * Reads an entry somebody delivers now. Tighter than what was stored or packed before, which goes on
 * loading: bounds on depth, number and length, and a day that exists.
 */
export function parseIncoming(raw: unknown, at = ''): Parsed<Entry> {
  const trouble = troubleIn(raw, entryBounds);
  if (trouble) return refused(at, trouble.replace(/^expected /, ''), 'another');
  const parsed = parseEntry(raw, at);
  if (parsed.ok && !isValid(parseISO(parsed.value.at)))
    return refused(
      [at, 'at'].filter(Boolean).join('.'),
      'a day and time that exist',
      parsed.value.at,
    );
  return parsed;
}

/** Whether it is read in no time: within the bounds, and plain. */
export const isReadAtOnce = (raw: unknown): boolean =>
  troubleIn(raw, entryBounds) === undefined && isPlainEntry(raw);

const refused = (path: string, expected: string, got: string) => ({
  ok: false as const,
  faults: [{ path: path || 'the whole', expected, got: got.slice(0, 80) }],
});
