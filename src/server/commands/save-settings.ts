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
import type { Session } from '../session';

export type Saved = { ok: true; settings: Settings } | { ok: false; faults: string[] };

/** Settings for the inspections an organisation starts from now on; those begun keep theirs. */
export async function saveSettings(session: Session, input: unknown): Promise<Saved> {
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
  await inOrganisation(session.organisation, async (tx) => {
    const known = v.parse(anySettingsSchema, (await oneOrganisation(tx)).settings);
    const changed = canonicalJson(known.families) !== canonicalJson(settings.families);
    settings.familiesVersion = known.familiesVersion + (changed ? 1 : 0);
    const figures = ({ version: _, ...book }: Settings['costBook']) => canonicalJson(book);
    const changedBook = figures(known.costBook) !== figures(settings.costBook);
    settings.costBook.version = known.costBook.version + (changedBook ? 1 : 0);
    settings.organisation = known.organisation;
    await updateSettings(tx, session.organisation, settings);
  });
  return { ok: true, settings };
}
