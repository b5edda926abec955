import { formatISO } from 'date-fns';
import { stamp } from '@/core/fieldwork/recording/draft';
import type { NewPlace } from '@/core/fieldwork/recording/start-inspection';
import { startInspection } from '@/core/fieldwork/recording/start-inspection';
import { deviceId } from '../device-id';
import { hold, openHeld } from '../outbox/held';

/** Starts an inspection on this device; it is sent like everything else. Returns its id. */
export async function startOnDevice(
  organisation: string,
  member: string,
  place: NewPlace,
): Promise<string> {
  const newId = () => crypto.randomUUID();
  const inspection = newId();
  const entries = stamp(startInspection(place, newId), {
    newId,
    device: deviceId(),
    author: member,
    at: formatISO(new Date()),
    counter: 0,
  });
  const db = await openHeld();
  await hold(
    db,
    entries.map((entry) => ({
      organisation,
      member,
      inspection,
      id: entry.id,
      entry,
      state: 'waiting' as const,
    })),
  );
  db.close();
  return inspection;
}
