'use client';

import { useState } from 'react';
import { formatISO } from 'date-fns';
import { openHeld } from '@/client/outbox/held';
import { holdPicture } from '@/client/outbox/pictures';
import { later } from '@/client/later';
import { mostPicturesAVisit } from '@/client/pictures/most-pictures';
import { add } from '@/core/fieldwork/recording/draft';
import { photosOf } from '@/core/fieldwork/walk/photos';
import { useBook } from '../Book/context';

/** Wanted once there is one. */
const preparing = later(() => import('@/client/pictures/prepare'));

/** Takes pictures in: held on this device first, then an entry for each. */
export function useAddPhotos(about?: string) {
  const { state, who, actions } = useBook();
  const [faults, setFaults] = useState<string[]>([]);
  const [busy, setBusy] = useState(false);
  const { site } = state.assessment;
  const take = async (files: readonly File[]) => {
    setBusy(true);
    const prepare = await preparing().catch(() => undefined);
    if (!prepare) {
      setFaults([
        'What takes pictures in could not be fetched: the server was not reached. Nothing was added.',
      ]);
      return setBusy(false);
    }
    const said: string[] = [];
    let room = mostPicturesAVisit - photosOf(site).length;
    const db = await openHeld();
    for (const file of files) {
      if (room <= 0) {
        said.push(`${file.name}: this visit holds ${mostPicturesAVisit} pictures already.`);
        continue;
      }
      const picture = await prepare.preparePicture(file);
      if ('reason' in picture) {
        said.push(picture.reason);
        continue;
      }
      const { blob, digest, width, height } = picture;
      const holding = holdPicture(db, { member: who.member, digest, blob, state: 'waiting' });
      if (!(await holding.then(() => true).catch(() => false))) {
        said.push(`${file.name}: this device has no room to hold it. Nothing was added.`);
        continue;
      }
      const refused = await actions.record((newId) => [
        add('photo', newId(), site.site!, {
          digest,
          pictureWidth: width,
          pictureHeight: height,
          // As the camera wrote it, where it did: a picture may be added long after it was taken.
          ...(file.lastModified > 0 && { takenAt: formatISO(file.lastModified) }),
          ...(about && { aboutThing: about }),
        }),
      ]);
      if (refused) said.push(refused);
      else room -= 1;
    }
    db.close();
    setFaults(said);
    setBusy(false);
  };
  return { take, faults, busy };
}
