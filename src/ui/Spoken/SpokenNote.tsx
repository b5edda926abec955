'use client';

import { useState } from 'react';
import { useFile } from '../Photos/use-file';

/** Plays a spoken note, from this device where it is held here, else from the server. */
export function SpokenNote({ digest, seconds }: { digest: string; seconds: number }) {
  const [failed, setFailed] = useState(false);
  const source = useFile(digest, { path: `/sounds/${digest}`, along: true });
  if (failed)
    return (
      <p className="text-ink2">
        A spoken note of {seconds} s: it is not on this device, and was not fetched.
      </p>
    );
  return (
    <span className="flex flex-wrap items-center gap-2">
      {/* What was said is written out beside it, where somebody did so. */}
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
