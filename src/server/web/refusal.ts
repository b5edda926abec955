import { postingTo } from './posting';

/** The head of a request, as far as it is looked at before anything is read or answered. */
export interface Asked {
  method: string;
  /** Path and query as they stand on the wire. */
  target: string;
  header(name: string): string | undefined;
}

/** Why a request is not passed on: a status, a word, and what would be taken. */
export interface Refusal {
  status: number;
  says: string;
  headers?: Record<string, string>;
}

const methods = ['GET', 'HEAD', 'POST', 'OPTIONS'];
const longestTarget = 4096;

/** What is wrong with the head of a request, if anything: nothing of its body is read then. */
export function refusalOf(asked: Asked): Refusal | undefined {
  const { method, target } = asked;
  const path = pathOf(target);
  if (path === undefined)
    return {
      status: 400,
      says: 'The address is no path: expected such as /inspections/some-id/walk.',
    };
  if (!methods.includes(method))
    return {
      status: 405,
      says: `${method} is not taken: expected GET or POST.`,
      headers: { allow: methods.join(', ') },
    };
  return method === 'POST' ? refusalOfPost(asked, path) : undefined;
}

function refusalOfPost(asked: Asked, path: string): Refusal | undefined {
  const posting = postingTo(path);
  if (!posting)
    return {
      status: 405,
      says: 'Nothing is posted here: expected GET.',
      headers: { allow: 'GET, HEAD' },
    };
  if (!isSameOrigin((name) => asked.header(name)))
    return { status: 403, says: 'This request came from another site.' };
  const length = Number(asked.header('content-length') ?? 0);
  if (length > posting.mostBytes) return tooLarge(posting.mostBytes);
  const type = asked.header('content-type')?.split(';')[0]?.trim().toLowerCase();
  const taken = type === undefined || type === '' ? posting.untyped : posting.types.includes(type);
  if (!taken)
    return {
      status: 415,
      says: `Sent as ${type ?? 'nothing named'}: expected ${posting.types.join(' or ')}.`,
    };
  return undefined;
}

export const tooLarge = (mostBytes: number): Refusal => ({
  status: 413,
  says: `Expected at most ${sizeWords(mostBytes)}, got more.`,
});

const sizeWords = (bytes: number): string =>
  bytes % (1024 * 1024) === 0 ? `${bytes / 1024 / 1024} MB` : `${bytes / 1024} kB`;

/** Whether a changing request comes from a page of ours. Browsers say so themselves. */
export function isSameOrigin(header: (name: string) => string | null | undefined): boolean {
  const site = header('sec-fetch-site');
  if (site) return site === 'same-origin' || site === 'none';
  const origin = header('origin');
  if (origin === null || origin === undefined) return true;
  return URL.canParse(origin) && new URL(origin).host === header('host');
}

/** The path with its escapes read; undefined where it is none that any store could hold. */
function pathOf(target: string): string | undefined {
  if (!target.startsWith('/') || target.length > longestTarget) return undefined;
  const [path = ''] = target.split('?', 1);
  try {
    decodeURIComponent(target.slice(path.length).replace(/\+/g, ' '));
    const read = decodeURIComponent(path);
    return /[\0-\x1f\x7f\\]/.test(read) ? undefined : read;
  } catch {
    return undefined;
  }
}
