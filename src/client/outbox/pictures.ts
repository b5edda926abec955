import type { HeldDatabase, HeldPicture } from './held';

/** What the server said to a picture. */
type PictureAnswer =
  | { kind: 'arrived' }
  | { kind: 'refused'; reason: string }
  | { kind: 'signed-out' }
  | { kind: 'unreachable' };

export type SendPicture = (member: string, picture: HeldPicture) => Promise<PictureAnswer>;

/** Sends waiting pictures one by one; a refused one is set aside with its reason. */
export async function deliverPictures(
  db: HeldDatabase,
  member: string,
  send: SendPicture,
): Promise<'idle' | 'unreachable' | 'signed-out'> {
  for (const picture of await db.getAllFromIndex('pictures', 'by-state', [member, 'waiting'])) {
    const answer = await send(member, picture);
    if (answer.kind === 'unreachable' || answer.kind === 'signed-out') return answer.kind;
    await db.put('pictures', {
      ...picture,
      state: answer.kind,
      ...(answer.kind === 'refused' && { reason: answer.reason }),
    });
  }
  return 'idle';
}

export const holdPicture = (db: HeldDatabase, picture: HeldPicture) => db.put('pictures', picture);

export const heldPicture = (db: HeldDatabase, member: string, digest: string) =>
  db.get('pictures', [member, digest]);

export function sendPictureOverHttp(
  origin = '',
  headers: Record<string, string> = {},
): SendPicture {
  return async (member, { blob, digest }) => {
    try {
      const response = await fetch(`${origin}/api/pictures`, {
        method: 'POST',
        headers: { 'x-east-gate-member': member, ...headers },
        body: blob,
        signal: AbortSignal.timeout(60_000),
      });
      if (response.status === 401 || response.status === 409) return { kind: 'signed-out' };
      if (response.status >= 400 && response.status < 500)
        return { kind: 'refused', reason: ((await response.json()) as { fault: string }).fault };
      if (!response.ok) return { kind: 'unreachable' };
      const stored = (await response.json()) as { digest: string };
      return stored.digest === digest
        ? { kind: 'arrived' }
        : { kind: 'refused', reason: 'It changed on the way.' };
    } catch {
      return { kind: 'unreachable' };
    }
  };
}
