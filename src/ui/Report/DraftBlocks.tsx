'use client';

import { useAwake } from '../primitives/use-awake';
import type { BlocksProps } from './Blocks';
import { Blocks } from './Blocks';

/** A draft, drawn on the device of whoever works on it. What is issued the server draws: a client may have any browser. */
export function DraftBlocks(props: BlocksProps) {
  return useAwake() ? (
    <Blocks {...props} />
  ) : (
    <p className="text-ink2" role="status">
      Opening the draft…
    </p>
  );
}
