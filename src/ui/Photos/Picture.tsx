'use client';

import { useEffect, useState } from 'react';
import { later } from '@/client/later';
import { openHeld } from '@/client/outbox/held';
import { heldPicture } from '@/client/outbox/pictures';
import { useBook } from '../Book/context';

const keeping = later(() => import('@/client/kept/answers'));
/** The copy of the size of a screen that was taken along; undefined: there is none. */
const takenAlong = (digest: string) =>
  keeping().then(
    ({ keptPicture }) => keptPicture(digest),
    () => undefined,
  );

interface PictureProps {
  digest: string;
  alt: string;
  small?: boolean;
  className?: string;
}

/** A picture from this device where it is held here, else from the server. */
export function Picture({ digest, alt, small = false, className }: PictureProps) {
  const { who } = useBook();
  const [source, setSource] = useState<string>();
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    let url: string | undefined;
    let ended = false;
    void openHeld().then(async (db) => {
      const held = await heldPicture(db, who.member, digest);
      db.close();
      // What was taken along stands in for a small one at once; for a large one where the server has none.
      const blob = held?.blob ?? (small || failed ? await takenAlong(digest) : undefined);
      if (ended) return;
      url = blob && URL.createObjectURL(blob);
      setSource(url ?? `/pictures/${digest}${small ? '?small' : ''}`);
    });
    return () => {
      ended = true;
      if (url) URL.revokeObjectURL(url);
    };
  }, [digest, small, failed, who.member]);
  if (source === undefined) return null;
  return (
    // A plain element: the picture is private, of known size, and may be on this device alone.
    // eslint-disable-next-line @next/next/no-img-element
    <img
      src={source}
      alt={alt}
      className={className}
      draggable={false}
      onError={() => setFailed(true)}
    />
  );
}
