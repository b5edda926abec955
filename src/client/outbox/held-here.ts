import { openHeld } from './held';

/** What waits on this device to be sent, whoever recorded it. */
export interface HeldHere {
  entries: number;
  pictures: number;
}

/**
 * Counts what this device holds, asking nothing of any page: for when one could not be drawn.
 * @throws where the browser gives no storage
 */
export async function countHeldHere(name?: string): Promise<HeldHere> {
  const db = await openHeld(name);
  try {
    const waiting = (all: readonly { state: string }[]) =>
      all.filter(({ state }) => state === 'waiting').length;
    return {
      entries: waiting(await db.getAll('entries')),
      pictures: waiting(await db.getAll('pictures')),
    };
  } finally {
    db.close();
  }
}
