'use client';

import { useState } from 'react';
import { mostPicturesAVisit } from '@/client/pictures/most-pictures';
import { photosOf } from '@/core/fieldwork/walk/photos';
import { thingWords } from '@/core/installation/panel/thing-words';
import { useBook } from '../Book/context';
import { PhotoInput } from './PhotoInput';
import { PhotoViewer } from './PhotoViewer';
import { Picture } from './Picture';
import { useAddPhotos } from './use-add-photos';

/** All photos of the visit; taken, chosen or dropped in. */
export function Photos() {
  const { state } = useBook();
  const { site } = state.assessment;
  const photos = photosOf(site);
  const [open, setOpen] = useState<string>();
  const [over, setOver] = useState(false);
  const { take, faults } = useAddPhotos();
  const shown = photos.find((photo) => photo.id === open);
  return (
    <section
      aria-labelledby="photos"
      className={over ? 'outline-accent outline-2 outline-dashed' : ''}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        void take([...event.dataTransfer.files]);
      }}
    >
      <div className="flex items-center justify-between gap-3">
        <h2 id="photos" className="text-lg font-bold">
          Photos: {photos.length} of {mostPicturesAVisit}
        </h2>
        <PhotoInput words="Take or choose photos" />
      </div>
      {faults.map((fault) => (
        <p key={fault} role="alert" className="text-danger font-semibold">
          {fault}
        </p>
      ))}
      {photos.length === 0 && (
        <p className="text-ink2">
          None yet. Drop pictures here, or take one of the thing in hand in the walk.
        </p>
      )}
      <ul className="border-ink mt-2 grid grid-cols-2 gap-3 border-t-2 pt-3 md:grid-cols-4">
        {photos.map((photo) => (
          <li key={photo.id}>
            <button className="grid w-full gap-1 text-left" onClick={() => setOpen(photo.id)}>
              <Picture
                small
                digest={photo.digest}
                alt={photo.caption ?? 'Photo without a caption'}
                className="border-hair aspect-4/3 w-full border object-cover"
              />
              <span className="truncate">
                <strong>{photo.about ? thingWords(photo.about, site) : 'No place yet'}</strong>{' '}
                {photo.caption}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {shown && <PhotoViewer key={shown.id} photo={shown} close={() => setOpen(undefined)} />}
    </section>
  );
}
