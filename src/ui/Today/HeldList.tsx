'use client';

import Link from 'next/link';
import type { HeldOnDevice } from '@/client/outbox/held-by-inspection';
import type { PicturesProgress } from '@/client/outbox/pictures';
import type { Connection } from '@/client/outbox/sender';
import { sentWords } from '@/client/outbox/sent-words';
import { saveHeld } from './save-held';
import { signInPath } from '@/core/vocabulary/sign-in-path';
import { countedEntries, countedFiles } from '@/core/vocabulary/phrases';
import type { Who } from '../who';

interface HeldListProps {
  who: Who;
  held: HeldOnDevice;
  connection: Connection;
  /** How much of the pictures is there, while they are sent. */
  sent: PicturesProgress | undefined;
  /** Names of places, by their inspection. */
  places: ReadonlyMap<string, string>;
}

const connectionWords: Record<Exclude<Connection, 'signed-out'>, string> = {
  idle: 'Not sent yet.',
  sending: 'Being sent now.',
  unreachable: 'The server is not reached; it is tried again by itself.',
  'not-allowed': 'You may not record in this office now: it is kept here.',
};

/** What is on this device and nowhere else, by inspection: waiting and refused apart. */
export function HeldList({ who, held, connection, sent, places }: HeldListProps) {
  const { inspections, pictures, pictureFaults, forOthers } = held;
  const anything = inspections.length + pictures + pictureFaults.length > 0;
  if (!anything && forOthers === 0) return null;
  return (
    <section className="border-ink2 mt-4 border-2 border-dashed p-3" aria-labelledby="held">
      <h2 id="held" className="text-heading font-bold">
        On this device, not arrived
      </h2>
      {anything &&
        (connection === 'signed-out' ? (
          <p>
            <a className="font-semibold underline" href={signInPath('/')}>
              Sign in again
            </a>{' '}
            to send it.
          </p>
        ) : (
          <p className="text-ink2">{connectionWords[connection]}</p>
        ))}
      <ul>
        {inspections.map((one) => (
          <li key={one.inspection} className="border-hair flex flex-wrap gap-x-3 border-b py-1.5">
            <Link
              className="font-bold hover:underline max-lg:min-h-8"
              href={`/inspections/${one.inspection}/walk`}
            >
              {one.place ?? places.get(one.inspection) ?? 'A place without a name yet'}
            </Link>
            {one.waiting > 0 && (
              <span>
                {countedEntries(one.waiting)} {one.waiting === 1 ? 'waits' : 'wait'}
                {one.begun && ', begun on this device'}
              </span>
            )}
            {one.refusedEntries > 0 && (
              <span className="text-danger font-semibold">
                {one.refusedEntries} refused by the server: {one.refused.join(' ')}
              </span>
            )}
          </li>
        ))}
      </ul>
      {pictures > 0 && (
        <p className="mt-1">
          {countedFiles(pictures)} (photos, spoken notes) {pictures === 1 ? 'waits' : 'wait'}
          {sent && `: ${sentWords(sent)}`}
        </p>
      )}
      {pictureFaults.length > 0 && (
        <p className="text-danger mt-1 font-semibold">
          Photos or spoken notes were refused by the server: {pictureFaults.join(' ')}
        </p>
      )}
      {forOthers > 0 && (
        <p className="mt-1">
          {countedEntries(forOthers)} {forOthers === 1 ? 'waits' : 'wait'} here for somebody else:
          sent once they sign in on this device.
        </p>
      )}
      {anything && (
        <p className="mt-2">
          <button className="act" onClick={() => void saveHeld(who)}>
            Save it to a file
          </button>
        </p>
      )}
    </section>
  );
}
