'use client';

import { useState } from 'react';
import { useFile } from './use-file';

interface PictureProps {
  digest: string;
  alt: string;
  small?: boolean;
  className?: string;
}

/** A picture from this device where it is held here, else from the server. */
export function Picture({ digest, alt, small = false, className }: PictureProps) {
  const [failed, setFailed] = useState(false);
  // What was taken along stands in for a small one at once; for a large one where the server has none.
  const source = useFile(digest, {
    path: `/pictures/${digest}${small ? '?small' : ''}`,
    along: small || failed,
  });
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
