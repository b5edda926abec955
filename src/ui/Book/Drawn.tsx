'use client';

import { createContext, startTransition, useContext, useEffect, useState } from 'react';
import type { ReactNode } from 'react';
import type { Assessment } from '@/core';

const Drawn = createContext<Assessment | undefined>(undefined);

/**
 * What is shown of an inspection beside what is in hand: the drawing, the stages, the findings. It follows once
 * what was touched is on the screen, so that a tap is answered before the whole is drawn anew.
 */
export function DrawnProvider({
  assessment,
  children,
}: {
  assessment: Assessment;
  children: ReactNode;
}) {
  const [drawn, draw] = useState(assessment);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const frame = requestAnimationFrame(() => {
      timer = setTimeout(() => startTransition(() => draw(assessment)));
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, [assessment]);
  return <Drawn value={drawn}>{children}</Drawn>;
}

/** The assessment as it is drawn: the latest, or the one before it for as long as a frame takes. */
export function useDrawn(): Assessment {
  const drawn = useContext(Drawn);
  if (!drawn) throw new Error('useDrawn outside an inspection');
  return drawn;
}
