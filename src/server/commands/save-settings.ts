import 'server-only';
import * as v from 'valibot';
import { describeFault, faultsOf } from '@/core/vocabulary/fault';
import { canonicalJson } from '@/core/vocabulary/canonical';
import { wordingFaults } from '@/core/show/report/settings-differences';
import type { Settings } from '@/core/codes/settings/settings';
import { anySettingsSchema } from '@/core';
import { amendments, yardsticks } from '@/core/codes/yardstick';
import { inOrganisation } from '../db/connect';
import { oneOrganisation, updateSettings } from '../db/members';
import { insertAudit } from '../db/audit';
import type { Session } from '../session';
import { demand } from '../session';

export type Saved =
  | { ok: true; settings: Settings; version: number }
  | { ok: false; faults: string[] }
  /** Somebody else saved since: what stands now. */
  | { ok: false; faults: string[]; now: { settings: Settings; version: number } };

/**
 * Settings for the inspections an organisation starts from now on; those begun keep theirs.
 * @param base version they were changed from: where somebody else saved since, nothing is overwritten.
 * Undefined: whatever stands is replaced, as tools do
 */
export async function saveSettings(
  session: Session,
  input: unknown,
  base?: number,
): Promise<Saved> {
  demand(session, 'library');
  const parsed = v.safeParse(anySettingsSchema, input);
  if (!parsed.success) return { ok: false, faults: faultsOf(parsed.issues).map(describeFault) };
  const settings = parsed.output;
  const faults = [
    ...(yardsticks[settings.yardstick] ? [] : [`no yardstick ${settings.yardstick}`]),
    ...settings.amendments
      .filter((id) => amendments[id]?.over !== settings.yardstick)
      .map((id) => `no amendment ${id} of ${settings.yardstick}`),
    ...wordingFaults(settings.wording),
  ];
  if (faults.length > 0) return { ok: false, faults };
  return inOrganisation(session.organisation, async (tx): Promise<Saved> => {
    const row = await oneOrganisation(tx);
    const known = v.parse(anySettingsSchema, row.settings);
    const version = base ?? row.settings_version;
    const registry = ({ families, recalls }: Settings) => canonicalJson({ families, recalls });
    const changed = registry(known) !== registry(settings);
    const figures = ({ version: _, ...book }: Settings['costBook']) => canonicalJson(book);
    const changedBook = figures(known.costBook) !== figures(settings.costBook);
    const next: Settings = {
      ...settings,
      familiesVersion: known.familiesVersion + (changed ? 1 : 0),
      costBook: {
        ...settings.costBook,
        version: known.costBook.version + (changedBook ? 1 : 0),
      },
      organisation: known.organisation,
    };
    const saved = await updateSettings(tx, session.organisation, next, version);
    if (saved) await insertAudit(tx, session, 'settings-saved', changedParts(known, next));
    if (saved) return { ok: true, settings: next, version: saved.settings_version };
    // Read again: another may have committed between the reading and the writing.
    const now = await oneOrganisation(tx);
    return {
      ok: false,
      faults: [
        'Somebody else changed the settings since you opened them. Nothing was overwritten.',
      ],
      now: { settings: v.parse(anySettingsSchema, now.settings), version: now.settings_version },
    };
  });
}

/** What the parts are called; versions count themselves up. */
const partWords: Partial<Record<keyof Settings, string>> = {
  timeZone: 'time zone',
  school: 'school of grading',
  yardstick: 'yardstick',
  amendments: 'local amendments',
  adoptionYears: 'years until an edition is in force',
  deadlineDays: 'deadlines',
  families: 'construction families',
  recalls: 'recalls',
  lengths: 'units of length',
  house: 'house limits',
  wording: 'wording',
  costBook: 'cost book',
};

/** Names of the parts that differ. */
const changedParts = (before: Settings, after: Settings): string =>
  (Object.keys(after) as (keyof Settings)[])
    .filter((part) => canonicalJson(before[part]) !== canonicalJson(after[part]))
    .map((part) => partWords[part])
    .filter((words) => words !== undefined)
    .join(', ');
