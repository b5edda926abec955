'use client';

import { useEffect, useRef, useState } from 'react';
import { select } from 'd3-selection';
import { zoom, zoomIdentity } from 'd3-zoom';
import { Dialog } from 'radix-ui';
import type { PhotoView } from '@/core/fieldwork/walk/photos';
import { thingWords } from '@/core/installation/panel/thing-words';
import { useBook } from '../Book/context';
import { PlaceChoice } from '../Notes/PlaceChoice';
import { Picture } from './Picture';

/** One photo, large: pinch or wheel to look closer, touch to set its point, say what it shows. */
export function PhotoViewer({ photo, close }: { photo: PhotoView; close(): void }) {
  const { state, actions } = useBook();
  const { site } = state.assessment;
  const [caption, setCaption] = useState(photo.caption ?? '');
  return (
    <Dialog.Root open onOpenChange={(open) => !open && close()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-black/60" />
        <Dialog.Content
          className="bg-sheet fixed inset-2 z-20 grid min-h-0 gap-3 p-3 md:inset-8 md:grid-cols-[1fr_300px]"
          aria-describedby={undefined}
        >
          <ZoomedPicture photo={photo} />
          <div className="grid content-start gap-3 overflow-y-auto">
            <Dialog.Title className="text-heading font-bold">
              {photo.about ? thingWords(photo.about, site) : 'Photo, waiting for a place'}
            </Dialog.Title>
            <p className="text-ink2">
              Touch the picture where the thing is; pinch, wheel or drag to look closer.
            </p>
            <PlaceChoice
              label="It shows"
              choose={(ref) => void actions.observe(photo.id, { aboutThing: ref })}
            />
            <label className="grid gap-1">
              Caption
              <input
                className="field"
                value={caption}
                onChange={(event) => setCaption(event.target.value)}
                onBlur={() => {
                  const words = caption.trim();
                  if (words && words !== photo.caption)
                    void actions.observe(photo.id, { caption: words });
                }}
              />
            </label>
            <button
              className="act"
              onClick={() => {
                void actions.observe(photo.id, { removed: true });
                close();
              }}
            >
              Take this photo out
            </button>
            <Dialog.Close className="act act-main">Close</Dialog.Close>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function ZoomedPicture({ photo }: { photo: PhotoView }) {
  const { actions } = useBook();
  const frame = useRef<HTMLDivElement>(null);
  const [at, setAt] = useState(zoomIdentity);
  useEffect(() => {
    const behaviour = zoom<HTMLDivElement, unknown>()
      .scaleExtent([1, 8])
      .clickDistance(6)
      .on('zoom', (event: { transform: typeof zoomIdentity }) => setAt(event.transform));
    const element = select(frame.current!);
    element.call(behaviour);
    return () => void element.on('.zoom', null);
  }, []);
  return (
    <div ref={frame} className="relative min-h-0 touch-none overflow-hidden">
      <div
        className="relative mx-auto h-full max-w-full"
        style={{
          aspectRatio: `${photo.width} / ${photo.height}`,
          transform: `translate(${at.x}px, ${at.y}px) scale(${at.k})`,
          transformOrigin: '0 0',
        }}
        onClick={(event) => {
          const box = event.currentTarget.getBoundingClientRect();
          void actions.observe(photo.id, {
            pin: {
              x: Math.round(((event.clientX - box.left) / box.width) * 1000) / 1000,
              y: Math.round(((event.clientY - box.top) / box.height) * 1000) / 1000,
            },
          });
        }}
      >
        <Picture
          digest={photo.digest}
          alt={photo.caption ?? 'Photo without a caption'}
          className="h-full w-full"
        />
        {photo.pin && (
          <span
            className="border-accent bg-sheet pointer-events-none absolute size-5 -translate-1/2 rounded-full border-4"
            style={{ left: `${photo.pin.x * 100}%`, top: `${photo.pin.y * 100}%` }}
          />
        )}
      </div>
    </div>
  );
}
