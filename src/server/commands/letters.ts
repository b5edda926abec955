import 'server-only';
import * as v from 'valibot';
import { insertAudit } from '../db/audit';
import { inOrganisation } from '../db/connect';
import type { LetterRow } from '../db/mailbox';
import { manyLetterBecame, manyLetters, maybeOneLetterLocked } from '../db/mailbox';
import { insertJob } from '../db/queue';
import { areLettersSent, writeLetter } from '../letters/write-letter';
import type { Session } from '../session';
import { demand } from '../session';
import type { Done } from './people';
import { failed, failedBy } from './people';
import { emailSchema, words } from './person-schema';

const inDemo = () => process.env.EAST_GATE_DEMO === '1';

/**
 * Letters of the office, the latest first, with what became of them. What they say is shown in the demo's
 * mailbox alone: the links in them are their readers'.
 */
export async function listLetters(session: Session): Promise<LetterRow[]> {
  if (!inDemo()) demand(session, 'people');
  const letters = await inOrganisation(session.organisation, manyLetters);
  return inDemo() ? letters : letters.map((letter) => ({ ...letter, body: '', html: '' }));
}

/** Sends a letter again that failed, or of which nobody knows whether it arrived. */
export async function sendAgain(session: Session, input: unknown): Promise<Done> {
  demand(session, 'people');
  const parsed = v.safeParse(v.object({ letter: words(64) }), input);
  if (!parsed.success) return failedBy(parsed.issues);
  return inOrganisation(session.organisation, async (tx) => {
    const letter = await maybeOneLetterLocked(tx, parsed.output.letter);
    if (!letter)
      return { ok: false, faults: ['There is no such letter here.'], absent: true as const };
    if (!areLettersSent()) return failed('No mail server is set up: no letter leaves from here.');
    if (!['failed', 'perhaps'].includes(letter.state))
      return failed('This letter neither failed nor is its arrival in doubt.');
    await manyLetterBecame(tx, letter.id, { state: 'waiting', attempts: 0, fault: '' });
    await insertJob(tx, 'letter', { organisation: session.organisation, letter: letter.id });
    await insertAudit(tx, session, 'letter-again', letter.sent_to);
    return { ok: true };
  });
}

/** Sends a letter that says nothing, to see whether letters arrive. */
export async function sendTrial(session: Session, input: unknown): Promise<Done> {
  demand(session, 'people');
  const parsed = v.safeParse(v.object({ to: emailSchema }), input);
  if (!parsed.success) return failedBy(parsed.issues);
  await inOrganisation(session.organisation, (tx) =>
    writeLetter(tx, session.organisation, 'trial', {
      to: parsed.output.to,
      subject: `A trial letter of ${session.organisationName}`,
      opening: ['Letters of the panel logbook arrive at this address.'],
      link: undefined,
      closing: [],
    }),
  );
  return { ok: true };
}
