import { askJson } from '../http';
import type { HeldPicture } from './held';

/** What the server said to a picture. */
export type PictureAnswer =
  | { kind: 'arrived' }
  | { kind: 'refused'; reason: string }
  | { kind: 'signed-out' }
  | { kind: 'not-allowed' }
  | { kind: 'unreachable' };

/** @param onSent called with how many bytes of the picture are there, as they arrive */
export type SendPicture = (
  member: string,
  picture: HeldPicture,
  onSent: (bytes: number) => void,
) => Promise<PictureAnswer>;

/** Bytes sent at once: less than a second on a slow line, so that little is lost where it breaks. */
const partBytes = 128 * 1024;
/** How long a part is waited for, milliseconds. */
const patienceMs = 20_000;
/** How often a picture is begun anew, where the server lost what it had of it. */
const mostRestarts = 2;

type Answer = { digest: string } | { received: number };

/**
 * Sends a picture part by part, from where the server has it: what arrived before a line broke is not sent again.
 */
export function sendPictureOverHttp(
  origin = '',
  headers: Record<string, string> = {},
): SendPicture {
  const post = (
    member: string,
    where: 'pictures' | 'sounds',
    query: Record<string, string | number>,
    body: Blob,
  ) =>
    askJson<Answer>(
      `${origin}/api/${where}?${new URLSearchParams(
        Object.entries(query).map(([name, value]) => [name, String(value)]),
      ).toString()}`,
      {
        method: 'post',
        headers: {
          'content-type': 'application/octet-stream',
          'x-east-gate-member': member,
          ...headers,
        },
        body,
        timeout: patienceMs,
      },
    );
  return async (member, { blob, digest, kind }, onSent) => {
    const where = kind === 'sound' ? 'sounds' : 'pictures';
    const of = blob.size;
    let from = 0;
    let restarts = 0;
    // A small one is sent without asking where to begin.
    let length = of <= partBytes ? of : 0;
    for (;;) {
      const part = blob.slice(from, from + length);
      const answer = await post(member, where, { digest, from, of }, part);
      if (!answer.ok) return notTaken(answer);
      if ('digest' in answer.value)
        return answer.value.digest === digest ? { kind: 'arrived' } : changed;
      const { received } = answer.value;
      if (received < from) restarts += 1;
      if (restarts > mostRestarts) return changed;
      from = received;
      length = Math.min(partBytes, of - from);
      onSent(from);
    }
  };
}

const changed: PictureAnswer = { kind: 'refused', reason: 'It changed on the way.' };

function notTaken({ status, faults }: { status: number; faults: string[] }): PictureAnswer {
  if (status === 401 || status === 409) return { kind: 'signed-out' };
  if (status === 403) return { kind: 'not-allowed' };
  return status >= 400 && status < 500
    ? { kind: 'refused', reason: faults.join(' ') }
    : { kind: 'unreachable' };
}
