import { createHash } from 'node:crypto';
import * as v from 'valibot';
import { anySettingsSchema, parseEntry } from '@/core';
import type { Settings } from '@/core/codes/settings/settings';
import { rejudge } from '@/core/judge/assess/rejudge';
import type { Entry } from '@/core/record/entries/entry';
import { fold } from '@/core/record/entries/fold';
import type { KeptInspection } from '@/core/record/entries/kept';
import { keepInspection, readKept } from '@/core/record/entries/kept';
import { entriesWithout } from '@/core/record/erased';
import type { CodeDigests } from '../code-digests';
import type { Figures } from '../commands/figures-of';
import { figuresIn } from '../commands/figures-of';
import type { ToJudgeRow } from '../db/judged';

/** What the rules of today say of it. */
export interface Rejudged {
  id: string;
  /** Undefined: as it was, every rule that changed answering as before. */
  figures?: Figures;
  /** What is to be kept of its entries and of the answers; undefined: as it is. */
  kept?: string;
  answers?: string;
  /** Where it could not be read. */
  fault?: string;
}

/** Digests of the code that judges now, and of what judged before, by book. */
export interface Books {
  now: CodeDigests;
  before: ReadonlyMap<string, CodeDigests>;
}

/** Judges inspections again by the rules of today. One that cannot be read says so and holds up no other. */
export const rejudgeBatch = (batch: readonly ToJudgeRow[], books: Books): Rejudged[] =>
  batch.map((row) => {
    try {
      return rejudgeOne(row, books);
    } catch (error) {
      return { id: row.id, fault: (error as Error).message };
    }
  });

function rejudgeOne(row: ToJudgeRow, { now, before }: Books): Rejudged {
  const { id, count, as_of: asOf } = row;
  const settings = settingsOf(row.settings);
  const inspection = row.kept
    ? readKept(JSON.parse(row.kept) as KeptInspection)
    : fold(entriesOf(row));
  const known = row.judged_by === null ? undefined : before.get(row.judged_by);
  // What counts the same and grades the same, judged the same entries.
  const alike = row.kept !== null && known?.grading === now.grading && known.reader === now.reader;
  const was = alike && row.answers !== null ? row.answers : undefined;
  const { assessment, answers } = rejudge(inspection, settings, {
    now: now.rules,
    before: was === undefined ? undefined : { digests: known!.rules, answers: was },
    digest,
  });
  if (!assessment) return { id };
  return {
    id,
    figures: figuresIn(assessment, { entries: count, asOf: asOf ?? undefined }),
    ...(!row.kept && { kept: JSON.stringify(keepInspection(inspection)) }),
    ...(answers !== undefined && { answers }),
  };
}

const digest = (text: string) => createHash('md5').update(text).digest('base64url').slice(0, 12);

function entriesOf({ entries: text, erased }: ToJudgeRow): Entry[] {
  const entries = (JSON.parse(text!) as unknown[]).map((one, index) => {
    const parsed = parseEntry(one, `entries.${index}`);
    if (parsed.ok) return parsed.value;
    throw new Error(`${parsed.faults[0]!.path}: ${parsed.faults[0]!.expected}`);
  });
  return erased ? entriesWithout(entries) : entries;
}

let [lastText, lastSettings]: [string, Settings | undefined] = ['', undefined];
/** Settings from their text; an office's inspections have the same ones for a long time. */
function settingsOf(text: string): Settings {
  if (text !== lastText || !lastSettings) {
    lastSettings = v.parse(anySettingsSchema, JSON.parse(text));
    lastText = text;
  }
  return lastSettings;
}
