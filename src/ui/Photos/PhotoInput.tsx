'use client';

import { Camera } from 'lucide-react';
import { useAddPhotos } from './use-add-photos';

/** Takes or chooses pictures, of a thing or for the visit. */
export function PhotoInput({ about, words = 'Photo' }: { about?: string; words?: string }) {
  const { take, faults, busy } = useAddPhotos(about);
  return (
    <div className="grid gap-1">
      <label className="act w-full focus-within:outline-2">
        <Camera size={16} aria-hidden="true" />
        {busy ? 'Taking it in' : words}
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
      {faults.map((fault) => (
        <p key={fault} role="alert" className="text-danger font-semibold">
          {fault}
        </p>
      ))}
    </div>
  );
}
