import 'server-only';
import { randomUUID } from 'node:crypto';
import * as v from 'valibot';
import { describeFault, faultsOf } from '@/core/vocabulary/fault';
import { inOrganisation, inTransaction } from '../db/connect';
import {
  acknowledgeLink,
  insertLink,
  insertLinkVisit,
  manyLinksOf,
  maybeOneLink,
  maybeOneLinkByToken,
  maybeRevokeLink,
} from '../db/links';
import { oneSignInAttemptCount } from '../db/members';
import { maybeOneIssued } from '../db/reports';
import { readReportData } from '@/core';
import { insertAudit } from '../db/audit';
import { writeLetter } from '../letters/write-letter';
import type { Session } from '../session';
import { demand } from '../session';
import { sha256 } from '../sha256';
import type { IssuedReport } from './issued-report';
import { readIssued } from './issued-report';
import { emailSchema } from './person-schema';
import { isToken, newToken } from './token';

const sendSchema = v.object({
  report: v.pipe(v.string(), v.maxLength(64)),
  to: emailSchema,
  days: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(365)),
});

export type Sent = { ok: true; url: string } | { ok: false; faults: string[] };

/** Makes a link to one report and sends it; the link itself is kept nowhere, only its digest. */
export async function sendReport(
  session: Session,
  input: unknown,
  origin: string,
): Promise<Sent | undefined> {
  demand(session, 'issue');
  const parsed = v.safeParse(sendSchema, input);
  if (!parsed.success) return { ok: false, faults: faultsOf(parsed.issues).map(describeFault) };
  const { report, to, days } = parsed.output;
  const { token, tokenHash } = newToken();
  const url = `${origin}/r/${token}`;
  return inOrganisation(session.organisation, async (tx) => {
    const row = await maybeOneIssued(tx, report);
    if (!row) return undefined;
    const { place, firstThings } = readReportData(row.report);
    const danger = firstThings.some(({ grade }) => grade === 'danger');
    await insertLink(tx, session.organisation, {
      id: randomUUID(),
      report,
      tokenHash,
      sentTo: to,
      by: session.member,
      days,
    });
    await writeLetter(tx, session.organisation, 'report', {
      to,
      subject: `Panel report ${row.number}, ${place}`,
      opening: [
        `The panel report ${row.number} of ${place} is ready for you.`,
        danger
          ? 'Something in it must be made safe today. Please open it now and confirm that you have read it.'
          : 'What to do first stands at its top.',
      ],
      link: { words: 'Open the report', url },
      closing: [`The link works for ${days} days. ${session.organisationName}, ${session.name}.`],
    });
    await insertAudit(tx, session, 'link-sent', `${row.number}`);
    return { ok: true as const, url };
  });
}

export const listLinks = (session: Session, inspection: string) =>
  inOrganisation(session.organisation, (tx) => manyLinksOf(tx, inspection));

/** Ends a link. False: there is none of this name here. */
export async function revokeLink(session: Session, id: string): Promise<boolean> {
  demand(session, 'issue');
  return inOrganisation(session.organisation, async (tx) => {
    const ended = await maybeRevokeLink(tx, id);
    if (ended) await insertAudit(tx, session, 'link-ended');
    return ended !== undefined;
  });
}

/** Openings of one link by one address in a quarter of an hour; a page asks for its pictures one by one. */
const openingsAllowed = 120;
const picturesAllowed = 2000;
const windowSeconds = 15 * 60;

export interface OpenedLink extends IssuedReport {
  organisation: string;
  link: string;
  acknowledged: { at: Date; by: string } | undefined;
}

/**
 * The one report a link opens, read-only. Undefined for a link that expired, was revoked, altered or
 * guessed, and for an address that opened this one too often: which of them is not told. Nobody's openings
 * count against another's.
 */
export async function openLink(
  token: string,
  address: string,
  did: 'opened' | 'downloaded' | 'looked' | 'pictured' = 'looked',
): Promise<OpenedLink | undefined> {
  const [door, allowed] =
    did === 'pictured' ? ['link-picture', picturesAllowed] : ['link', openingsAllowed];
  if (!isToken(token)) return undefined;
  // What is no link opens nothing, however often it is tried: a guess has one chance in 2^256.
  const found = await inTransaction((tx) => maybeOneLinkByToken(tx, sha256(token)));
  if (!found) return undefined;
  const { attempts } = await inTransaction((tx) =>
    oneSignInAttemptCount(tx, `${door}:${found.link_id}:${address}`, windowSeconds),
  );
  if (attempts > allowed) return undefined;
  const issued = await readIssued(found.organisation_id, found.report_id);
  if (!issued) return undefined;
  const link = await inOrganisation(found.organisation_id, async (tx) => {
    if (did === 'opened' || did === 'downloaded')
      await insertLinkVisit(tx, found.organisation_id, found.link_id, did);
    return maybeOneLink(tx, found.link_id);
  });
  return {
    ...issued,
    organisation: found.organisation_id,
    link: found.link_id,
    acknowledged: link?.acknowledged_at
      ? { at: link.acknowledged_at, by: link.acknowledged_by }
      : undefined,
  };
}

/** The client confirms that a report with a Danger now was read. */
export async function acknowledge(token: string, address: string, by: unknown): Promise<boolean> {
  const name = v.safeParse(v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(200)), by);
  const opened = name.success ? await openLink(token, address) : undefined;
  if (!opened || !name.success) return false;
  await inOrganisation(opened.organisation, async (tx) => {
    await acknowledgeLink(tx, opened.link, name.output);
    await insertLinkVisit(tx, opened.organisation, opened.link, 'acknowledged');
  });
  return true;
}
