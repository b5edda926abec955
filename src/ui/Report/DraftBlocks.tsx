'use client';

import type { Sheet } from '@/core/show/report/blocks/sheet';
import { useMemo } from 'react';
import { useAwake } from '../primitives/use-awake';
import { Blocks } from './Blocks';

/** A draft, drawn on the device of whoever works on it. What is issued the server draws: a client may have any browser. */
export function DraftBlocks(props: { text: string; pictures: string }) {
  return useAwake() ? (
    <DraftOnDevice {...props} />
  ) : (
    <p className="text-ink2" role="status">
      Opening the draft…
    </p>
  );
}

function DraftOnDevice({ text, pictures }: { text: string; pictures: string }) {
  const sheet = useMemo(() => JSON.parse(text) as Sheet, [text]);
  return <Blocks {...sheet} pictures={pictures} />;
}
