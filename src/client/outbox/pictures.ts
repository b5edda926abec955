import type { HeldDatabase, HeldPicture } from './held';
import type { PictureAnswer, SendPicture } from './send-picture';

/** How much of the pictures that waited is there, bytes. */
export interface PicturesProgress {
  sent: number;
  all: number;
}

/**
 * Sends waiting pictures one by one, the smallest first: on a slow line most of them are there soonest. A refused
 * one is set aside with its reason.
 */
export async function deliverPictures(
  db: HeldDatabase,
  member: string,
  send: SendPicture,
  onProgress: (progress: PicturesProgress) => void = () => undefined,
): Promise<'idle' | Exclude<PictureAnswer['kind'], 'arrived' | 'refused'>> {
  const waiting = await db.getAllFromIndex('pictures', 'by-state', [member, 'waiting']);
  waiting.sort((a, b) => a.blob.size - b.blob.size);
  const all = waiting.reduce((sum, { blob }) => sum + blob.size, 0);
  let before = 0;
  for (const picture of waiting) {
    const answer = await send(member, picture, (bytes) =>
      onProgress({ sent: before + bytes, all }),
    );
    if (answer.kind !== 'arrived' && answer.kind !== 'refused') return answer.kind;
    await db.put('pictures', {
      ...picture,
      state: answer.kind,
      ...(answer.kind === 'refused' && { reason: answer.reason }),
      ...(answer.kind === 'arrived' && { arrived: new Date().toISOString() }),
    });
    before += picture.blob.size;
    onProgress({ sent: before, all });
  }
  return 'idle';
}

export const holdPicture = (db: HeldDatabase, picture: HeldPicture) => db.put('pictures', picture);

export const heldPicture = (db: HeldDatabase, member: string, digest: string) =>
  db.get('pictures', [member, digest]);
