import * as v from 'valibot';
import { anySettingsSchema, assess, parseEntry } from '@/core';
import { countByGrade } from '@/core/judge/grading/items';

/** An inspection as the database sends it: JSON text, parsed where it is judged. */
export interface StoredText {
  id: string;
  settings: string;
  entries: string;
}

/** What today's rules say of it. */
export interface Rejudged {
  id: string;
  entries: number;
  findings: Record<string, number>;
  seenShare: number;
  /** Where it could not be read. */
  fault?: string;
}

/** Judges inspections again by today's rules. One that cannot be read says so and holds up no other. */
export const rejudgeBatch = (batch: readonly StoredText[]): Rejudged[] => batch.map(rejudgeOne);

function rejudgeOne({ id, settings, entries: text }: StoredText): Rejudged {
  const unread = (fault: string): Rejudged => ({
    id,
    entries: 0,
    findings: {},
    seenShare: 0,
    fault,
  });
  try {
    const raw = JSON.parse(text) as unknown[];
    const entries = [];
    for (const [index, one] of raw.entries()) {
      const parsed = parseEntry(one, `entries.${index}`);
      if (!parsed.ok) return unread(`${parsed.faults[0]!.path}: ${parsed.faults[0]!.expected}`);
      entries.push(parsed.value);
    }
    const set = v.parse(anySettingsSchema, JSON.parse(settings));
    const { findings, coverage } = assess(entries, set);
    return {
      id,
      entries: entries.length,
      findings: countByGrade(findings, set),
      seenShare: coverage.seenShare,
    };
  } catch (error) {
    return unread((error as Error).message);
  }
}
