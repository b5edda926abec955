import 'server-only';
import type { Assessment } from '@/core';
import type { Audience } from '@/core/show/report/audience';
import { utcDay } from '@/core/show/report/dates';
import type { Drafted } from '@/core/show/report/draft';
import { draftReport, draftSheet } from '@/core/show/report/draft';
import type { ReportData } from '@/core/show/report/report';
import type { Letterhead } from '@/core/codes/settings/letterhead';
import { inOrganisation } from '../db/connect';
import { maybeOneState } from '../db/inspections';
import { oneOrganisation } from '../db/members';
import { keptTexts } from '../kept-texts';
import type { Session } from '../session';
import { letterheadOf } from './letterhead';
import { readInspection } from './read-inspection';
import type { StoredInspection } from './stored-inspection';
import { asRead } from './stored-inspection';

type Recorded = Pick<StoredInspection, 'id' | 'settings' | 'authors' | 'entries'> &
  Partial<Pick<StoredInspection, 'carried'>> & {
    /** How the office shows itself; undefined: by its name alone. */
    letterhead?: Letterhead;
  };

export interface Report {
  report: ReportData;
  assessment: Assessment;
  /** How many there are. */
  entries: number;
}

/** An inspection with the letterhead of its office as it stands now. */
export async function headed<S extends Recorded>(organisation: string, stored: S): Promise<S> {
  const letterhead = await inOrganisation(organisation, async (tx) =>
    letterheadOf(await oneOrganisation(tx)),
  );
  return { ...stored, ...(letterhead && { letterhead }) };
}

/** The report of an inspection, or none where there is no such inspection here. */
export async function readReport(session: Session, id: string): Promise<Report | undefined> {
  const stored = await readInspection(session, id);
  return stored && reportOf(await headed(session.organisation, stored));
}

/** What one reader is shown of an inspection that is not issued, JSON of its `Sheet`, or none. */
export async function readDraft(
  session: Session,
  id: string,
  audience: Audience,
): Promise<string | undefined> {
  const { organisation } = session;
  const now = await inOrganisation(organisation, (tx) => maybeOneState(tx, id));
  if (!now) return undefined;
  const key = [organisation, id, audience, now.state, utcDay(new Date())].join('|');
  const known = drafts.get(key);
  if (known) return known;
  const stored = await readInspection(session, id);
  if (!stored) return undefined;
  const draft = JSON.stringify(draftOf(await headed(organisation, stored), audience).sheet);
  drafts.set(key, draft);
  return draft;
}

/** Drafts composed lately: the same is not composed again as long as what it follows from is the same. */
const drafts = keptTexts();

/** What one reader is shown of these entries, composed now. */
export const draftOf = (stored: Recorded, audience: Audience) =>
  draftSheet(draftedOf(stored), audience, new Date());

export function reportOf(stored: Recorded): Report {
  const drafted = draftedOf(stored);
  return { ...draftReport(drafted, new Date()), entries: drafted.entries.length };
}

function draftedOf(stored: Recorded): Drafted {
  const { id, settings, entries, authors, carried, letterhead } = asRead(stored);
  return { id, settings, entries, authors, carried: carried ?? null, letterhead };
}
