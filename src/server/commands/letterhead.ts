import 'server-only';
import * as v from 'valibot';
import type { Letterhead } from '@/core/codes/settings/letterhead';
import { countedUp, letterheadSchema, plainLetterhead } from '@/core/codes/settings/letterhead';
import { insertAudit } from '../db/audit';
import { inOrganisation } from '../db/connect';
import { oneOrganisation, updateLetterhead } from '../db/members';
import { manyPictures } from '../db/pictures';
import type { Session } from '../session';
import { demand } from '../session';
import type { Done } from './people';
import { failed, failedBy } from './people';

/** The letterhead of an office as it is stored; undefined: it set none. */
export const letterheadOf = ({ letterhead }: { letterhead: unknown }): Letterhead | undefined =>
  letterhead === null ? undefined : v.parse(letterheadSchema, letterhead);

/** The letterhead, and the version to name when it is changed. */
export const readLetterhead = ({ organisation }: Session) =>
  inOrganisation(organisation, async (tx) => {
    const row = await oneOrganisation(tx);
    return {
      letterhead: letterheadOf(row) ?? plainLetterhead,
      version: row.letterhead_version,
    };
  });

const savedSchema = v.object({
  letterhead: letterheadSchema,
  version: v.pipe(v.number(), v.integer(), v.minValue(0)),
});

/** Sets the letterhead of reports issued from now on; those issued keep theirs. */
export async function saveLetterhead(session: Session, input: unknown): Promise<Done> {
  demand(session, 'library');
  const parsed = v.safeParse(savedSchema, input);
  if (!parsed.success) return failedBy(parsed.issues);
  const { letterhead, version } = parsed.output;
  return inOrganisation(session.organisation, async (tx) => {
    const before = letterheadOf(await oneOrganisation(tx)) ?? plainLetterhead;
    const { logo } = letterhead;
    if (logo && (await manyPictures(tx, [logo.digest])).length === 0)
      return failed('letterhead.logo: expected a picture of this office, got one that is not here');
    const next = countedUp(before, letterhead);
    if (!(await updateLetterhead(tx, session.organisation, next, version)))
      return failed(
        'Somebody else changed the letterhead since you opened it. Nothing was overwritten: open it again.',
      );
    await insertAudit(tx, session, 'letterhead-saved');
    return { ok: true };
  });
}
