import 'server-only';
import type { Session } from '@/server/session';
import type { Failed } from '@/server/commands/people';
import { postings } from '@/server/web/posting';
import { answering } from '@/server/web/answering';
import { faults, readJson } from '@/server/web/read-json';

type Answered = ({ ok: true } & Record<string, unknown>) | Failed;

/** A handler that hands the JSON sent to a command, and answers with what became of it. */
export const doing = (command: (session: Session, input: unknown) => Promise<Answered>) =>
  answering(async (request) => {
    const read = await readJson(request, postings.office);
    return 'answer' in read ? read.answer : answerOf(await command(read.session, read.body));
  });

/** What became of a command, as an answer: done, nothing of this name, or what is wrong. */
export const answerOf = (done: Answered): Response =>
  done.ok ? Response.json(done) : faults(done.absent ? 404 : 422, ...done.faults);
