'use client';

import { useEffect, useState } from 'react';
import { openHeld } from '@/client/outbox/held';
import { heldPicture } from '@/client/outbox/pictures';
import { useBook } from '../Book/context';

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
  useEffect(() => {
    let url: string | undefined;
    let ended = false;
    void openHeld().then(async (db) => {
      const held = await heldPicture(db, who.member, digest);
      db.close();
      if (ended) return;
      url = held && URL.createObjectURL(held.blob);
      setSource(url ?? `/pictures/${digest}${small ? '?small' : ''}`);
    });
    return () => {
      ended = true;
      if (url) URL.revokeObjectURL(url);
    };
  }, [digest, small, who.member]);
  // A plain element: the picture is private, of known size, and may be on this device alone.
  // eslint-disable-next-line @next/next/no-img-element
  return source ? <img src={source} alt={alt} className={className} draggable={false} /> : null;
}
