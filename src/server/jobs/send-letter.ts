import 'server-only';
import { inOrganisation } from '../db/connect';
import type { LetterRow } from '../db/mailbox';
import { manyLetterBecame, maybeOneLetterLocked } from '../db/mailbox';
import type { LetterJob } from '../db/queue';
import type { PostOffice } from '../letters/post-office';

/** So often a letter is tried before it is told as failed. */
export const mostAttempts = 14;

/**
 * Sends the letter a job asks for. It is put down as going out first: whoever dies while it does leaves a
 * letter that perhaps arrived, which nobody sends again by himself.
 * @throws where it is to be tried again later
 */
export async function sendLetter(
  { organisation, letter: id }: LetterJob,
  office: PostOffice,
): Promise<void> {
  const letter = await inOrganisation(organisation, (tx) => takeInHand(tx, id));
  if (!letter) return;
  const posted = await office.post(letter);
  const { state, fault } = becameOf(posted, letter.attempts);
  await inOrganisation(organisation, (tx) =>
    manyLetterBecame(tx, id, { state, attempts: letter.attempts, fault }),
  );
  if (state === 'waiting') throw new Error(`letter ${id}: tried ${letter.attempts} times`);
}

type Tx = Parameters<Parameters<typeof inOrganisation>[1]>[0];

async function takeInHand(tx: Tx, id: string): Promise<LetterRow | undefined> {
  const letter = await maybeOneLetterLocked(tx, id);
  if (letter?.state === 'sending')
    await manyLetterBecame(tx, id, {
      state: 'perhaps',
      attempts: letter.attempts,
      fault: 'Sending it broke off. It may have arrived.',
    });
  if (letter?.state !== 'waiting') return undefined;
  const attempts = letter.attempts + 1;
  await manyLetterBecame(tx, id, { state: 'sending', attempts, fault: letter.fault });
  return { ...letter, attempts };
}

function becameOf(
  posted: Awaited<ReturnType<PostOffice['post']>>,
  attempts: number,
): Pick<LetterRow, 'state' | 'fault'> {
  switch (posted.outcome) {
    case 'sent':
      return { state: 'sent', fault: '' };
    case 'perhaps':
      return { state: 'perhaps', fault: posted.fault };
    case 'refused':
      return { state: 'failed', fault: posted.fault };
    case 'later':
      return { state: attempts < mostAttempts ? 'waiting' : 'failed', fault: posted.fault };
  }
}
