import { foundOffice } from '@/server/commands/found-office';
import { postings } from '@/server/web/posting';
import { isSameOrigin } from '@/server/web/refusal';
import { crossSite, nothingHere } from '../../../session/answers';
import { answering } from '../../../session/answering';
import { readBounded } from '../../../session/read-bounded';
import { faults, parseBody } from '../../../session/read-json';

/** Founds the office of a link; nobody is signed in yet. */
export const POST = answering(
  async (request: Request, { params }: { params: Promise<{ token: string }> }) => {
    if (!isSameOrigin((name) => request.headers.get(name))) return crossSite();
    const bytes = await readBounded(request, postings.founding.mostBytes);
    if (!bytes) return faults(413, 'This is larger than any founding of ours.');
    const read = parseBody(bytes, { depth: 2, nodes: 50, text: 1000 });
    if ('answer' in read) return read.answer;
    const founded = await foundOffice((await params).token, read.body);
    if (!founded) return nothingHere();
    return founded.ok ? Response.json(founded) : faults(422, ...founded.faults);
  },
);
