import { formatISO } from 'date-fns';
import { stamp } from '@/core/fieldwork/recording/draft';
import type { NewPlace } from '@/core/fieldwork/recording/start-inspection';
import { startInspection } from '@/core/fieldwork/recording/start-inspection';
import type { Settings } from '@/core/codes/settings/settings';
import type { Opened } from '@/core/record/package/opened';
import { deviceId } from '../device-id';
import { keepAnswer, keptAnswer } from '../kept/answers';
import { hold, openHeld } from '../outbox/held';
import { bookPath, libraryPath } from '../sent/paths';

/** A begun inspection opens without the server too, by what the office set when this device last heard of it. */
async function keepBegun(inspection: string): Promise<void> {
  const library = await keptAnswer(libraryPath);
  if (!library) return;
  const office = library.sent as { who: unknown; settings: Settings };
  const opened: Opened = { settings: office.settings, entries: [], authors: [], carried: [] };
  await keepAnswer(bookPath(inspection), { who: office.who, opened }, library.at);
}

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
  await keepBegun(inspection);
  return inspection;
}
