import { troubleIn } from '@/core/vocabulary/bounded';
import { foundOffice } from '@/server/commands/found-office';
import { postings } from '@/server/web/posting';
import { isSameOrigin } from '@/server/web/refusal';
import { crossSite, nothingHere } from '../../../session/answers';
import { answering } from '../../../session/answering';
import { readBounded } from '../../../session/read-bounded';
import { faults } from '../../../session/read-json';

/** Founds the office of a link; nobody is signed in yet. */
export const POST = answering(
  async (request: Request, { params }: { params: Promise<{ token: string }> }) => {
    if (!isSameOrigin((name) => request.headers.get(name))) return crossSite();
    const bytes = await readBounded(request, postings.founding.mostBytes);
    if (!bytes) return faults(413, 'This is larger than any founding of ours.');
    let input: unknown;
    try {
      input = JSON.parse(bytes.toString('utf8'));
    } catch {
      return faults(400, 'This is not JSON.');
    }
    const trouble = troubleIn(input, { depth: 2, nodes: 50, text: 1000 });
    if (trouble) return faults(400, `A field: ${trouble}.`);
    const founded = await foundOffice((await params).token, input);
    if (!founded) return nothingHere();
    return founded.ok ? Response.json(founded) : faults(422, ...founded.faults);
  },
);
