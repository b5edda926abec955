'use client';

import { useCallback, useLayoutEffect, useRef } from 'react';

/** The same function for as long as its component stands, which does what the last one given does. */
export function useStable<Given extends unknown[], Answer>(
  does: (...given: Given) => Answer,
): (...given: Given) => Answer {
  const last = useRef(does);
  useLayoutEffect(() => {
    last.current = does;
  });
  return useCallback((...given: Given) => last.current(...given), []);
}
