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

async function heldHere(member: string, digest: string) {
  const db = await openHeld();
  return heldPicture(db, member, digest).finally(() => db.close());
}

/**
 * Where a photo or spoken note is got from: this device where it is held here, else where it was taken along, if that
 * will do, else the server. Undefined: it is being looked for.
 */
export function useFile(
  digest: string,
  { path, along }: { path: string; along: boolean },
): string | undefined {
  const { who } = useBook();
  const [source, setSource] = useState<string>();
  useEffect(() => {
    let url: string | undefined;
    let ended = false;
    const find = async () => {
      const held = await heldHere(who.member, digest).catch(() => undefined);
      const blob = held?.blob ?? (along ? await takenAlong(digest) : undefined);
      if (ended) return;
      url = blob && URL.createObjectURL(blob);
      setSource(url ?? path);
    };
    void find();
    return () => {
      ended = true;
      if (url) URL.revokeObjectURL(url);
    };
  }, [digest, path, along, who.member]);
  return source;
}
