import { formatISO } from 'date-fns';
import { later } from '@/client/later';
import { openHeld } from '@/client/outbox/held';
import { saveFile } from '../primitives/save-file';
import type { Who } from '../who';

export const fileOfHeld = later(() => import('@/client/outbox/held-file'));

/** Hands over what waits on this device as a file. It stays here too, and is sent as before. */
export async function saveHeld({ member, name }: Who): Promise<void> {
  const { heldFile } = await fileOfHeld();
  const db = await openHeld();
  const now = formatISO(new Date());
  const text = await heldFile(db, { member, name, now }).finally(() => db.close());
  saveFile(`held-entries-${now.slice(0, 10)}.json`, text, 'application/json');
}
