'use client';

import { useEffect, useState } from 'react';
import { later } from '@/client/later';
import { openHeld } from '@/client/outbox/held';
import { heldPicture } from '@/client/outbox/pictures';
import { useBook } from '../Book/context';

const keeping = later(() => import('@/client/kept/answers'));
/** The copy that was taken along; undefined: there is none. */
const takenAlong = (digest: string) =>
  keeping().then(
    ({ keptPicture }) => keptPicture(digest),
    () => undefined,
  );

/** Plays a spoken note, from this device where it is held here, else from the server. */
export function SpokenNote({ digest, seconds }: { digest: string; seconds: number }) {
  const { who } = useBook();
  const [source, setSource] = useState<string>();
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    let url: string | undefined;
    let ended = false;
    void openHeld().then(async (db) => {
      const held = await heldPicture(db, who.member, digest);
      db.close();
      const blob = held?.blob ?? (await takenAlong(digest));
      if (ended) return;
      url = blob && URL.createObjectURL(blob);
      setSource(url ?? `/sounds/${digest}`);
    });
    return () => {
      ended = true;
      if (url) URL.revokeObjectURL(url);
    };
  }, [digest, who.member]);
  if (failed)
    return (
      <p className="text-ink2">
        A spoken note of {seconds} s: it is not on this device, and was not fetched.
      </p>
    );
  return (
    // What was said is written out beside it, where somebody did so.
    <span className="flex flex-wrap items-center gap-2">
      <audio
        className="h-10 max-w-96 min-w-0 flex-1"
        controls
        preload="metadata"
        src={source}
        aria-label={`Spoken note, ${seconds} s`}
        onError={() => source && setFailed(true)}
      />
      <span className="text-ink2">spoken, {seconds} s</span>
    </span>
  );
}
