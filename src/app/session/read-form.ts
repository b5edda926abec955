import 'server-only';
import { troubleInText } from '@/core/vocabulary/bounded';
import { postings } from '@/server/web/posting';
import { isSameOrigin } from '@/server/web/refusal';
import { readBounded } from '@/server/web/read-bounded';
import { crossSite } from '@/server/web/answers';

/** The fields of a small form of ours, or the answer to give instead. */
export async function readForm(
  request: Request,
): Promise<{ fields: Record<string, string> } | { answer: Response }> {
  if (!isSameOrigin((name) => request.headers.get(name))) return { answer: crossSite() };
  const body = await readBounded(request, postings.forms.mostBytes);
  if (!body) return { answer: refused(413, 'The form is larger than any of ours.') };
  const fields = Object.fromEntries(new URLSearchParams(body.toString('utf8')));
  const trouble = Object.values(fields)
    .map((text) => troubleInText(text, 1000))
    .find(Boolean);
  return trouble ? { answer: refused(400, `A field: ${trouble}.`) } : { fields };
}

const refused = (status: number, says: string) => new Response(says, { status });
