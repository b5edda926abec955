'use client';

import { useEffect, useState } from 'react';
import { openHeld } from '@/client/outbox/held';
import { heldPicture } from '@/client/outbox/pictures';
import { useBook } from '../Book/context';

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
      if (ended) return;
      url = held && URL.createObjectURL(held.blob);
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
    <audio
      className="h-10 w-full max-w-96"
      controls
      preload="metadata"
      src={source}
      aria-label={`Spoken note, ${seconds} s`}
      onError={() => source && setFailed(true)}
    />
  );
}
