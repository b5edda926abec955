'use client';

import { Camera } from 'lucide-react';
import { useAddPhotos } from './use-add-photos';

/** The camera under the thumb: a picture of what is in hand, or of the visit. */
export function PhotoKey({ about }: { about?: string }) {
  const { take, faults, busy } = useAddPhotos(about);
  return (
    <label className="act px-0! focus-within:outline-2" aria-busy={busy}>
      <Camera size={20} aria-hidden="true" />
      <span className="sr-only">Take a photo</span>
      {faults.map((fault) => (
        <span
          key={fault}
          role="alert"
          className="border-danger bg-sheet text-danger fixed inset-x-3 bottom-20 border-l-4 p-2"
        >
          {fault}
        </span>
      ))}
      <input
        type="file"
        accept="image/*"
        multiple
        className="sr-only"
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          if (files.length > 0) void take(files);
        }}
      />
    </label>
  );
}
