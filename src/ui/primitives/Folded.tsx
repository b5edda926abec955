'use client';

import { useState } from 'react';
import type { ReactNode } from 'react';

interface FoldedProps {
  /** What is behind it. */
  words: ReactNode;
  children: ReactNode;
}

/** What is seldom wanted, behind one button; drawn from when it is first opened. */
export function Folded({ words, children }: FoldedProps) {
  const [opened, setOpened] = useState(false);
  return (
    <details onToggle={(event) => event.currentTarget.open && setOpened(true)}>
      <summary className="act w-full" onClick={() => setOpened(true)}>
        {words}
      </summary>
      {opened && children}
    </details>
  );
}
