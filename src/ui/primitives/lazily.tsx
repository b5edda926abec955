'use client';

import { useEffect, useReducer, useState } from 'react';
import type { ComponentType } from 'react';
import { later } from '@/client/later';

/**
 * A part of a view whose program is fetched when it is first drawn, or once the view stands. Where it cannot be
 * fetched it says so in its place, and leaves the rest of the view as it is.
 */
export function lazily<Props extends object>(
  fetchIt: () => Promise<ComponentType<Props>>,
): ComponentType<Props> {
  let here: ComponentType<Props> | undefined;
  const fetchPart = later(() =>
    fetchIt().then((part) => {
      here = part;
    }),
  );
  return function Lazily(props: Props) {
    const [, drawAgain] = useReducer((count: number) => count + 1, 0);
    const [failed, setFailed] = useState(false);
    const bring = () => {
      let there = true;
      fetchPart().then(
        () => there && drawAgain(),
        () => there && setFailed(true),
      );
      return () => {
        there = false;
      };
    };
    useEffect(() => (here ? undefined : bring()), []);
    const Part = here;
    if (Part) return <Part {...props} />;
    if (!failed) return null;
    return (
      <p role="alert" className="flex flex-wrap items-center gap-2">
        <span>This part could not be fetched. What you recorded stands as it is.</span>
        <button
          type="button"
          className="act"
          onClick={() => {
            setFailed(false);
            bring();
          }}
        >
          Fetch it again
        </button>
      </p>
    );
  };
}
