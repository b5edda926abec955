import { askJson } from '../http';
import type { HeldDatabase, HeldPicture } from './held';

/** What the server said to a picture. */
type PictureAnswer =
  | { kind: 'arrived' }
  | { kind: 'refused'; reason: string }
  | { kind: 'signed-out' }
  | { kind: 'not-allowed' }
  | { kind: 'unreachable' };

export type SendPicture = (member: string, picture: HeldPicture) => Promise<PictureAnswer>;

/** Sends waiting pictures one by one; a refused one is set aside with its reason. */
export async function deliverPictures(
  db: HeldDatabase,
  member: string,
  send: SendPicture,
): Promise<'idle' | Exclude<PictureAnswer['kind'], 'arrived' | 'refused'>> {
  for (const picture of await db.getAllFromIndex('pictures', 'by-state', [member, 'waiting'])) {
    const answer = await send(member, picture);
    if (answer.kind !== 'arrived' && answer.kind !== 'refused') return answer.kind;
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
    const answer = await askJson<{ digest: string }>(`${origin}/api/pictures`, {
      method: 'post',
      headers: { 'x-east-gate-member': member, ...headers },
      body: blob,
      timeout: 60_000,
    });
    if (answer.ok)
      return answer.value.digest === digest
        ? { kind: 'arrived' }
        : { kind: 'refused', reason: 'It changed on the way.' };
    if (answer.status === 401 || answer.status === 409) return { kind: 'signed-out' };
    if (answer.status === 403) return { kind: 'not-allowed' };
    return answer.status >= 400 && answer.status < 500
      ? { kind: 'refused', reason: answer.faults.join(' ') }
      : { kind: 'unreachable' };
  };
}
