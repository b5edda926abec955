'use client';

import { useEffect, useState } from 'react';
import type { HeldHere } from '@/client/outbox/held-here';
import { later } from '@/client/later';
import { heldWords } from './held-words';

/** Every page has this one beside it: what counts comes once a view stands, so that it is here without a network. */
const heldHere = later(() => import('@/client/outbox/held-here'));

/** Asked for anew, not drawn by the program that broke. */
const today = '/';

interface BrokenProps {
  /** What could not be drawn: "The plan". */
  what: string;
  /** What is to be done besides drawing it again: "The other views work." */
  otherwise: string;
  again(): void;
  /** As part of a page that has a heading of its own. */
  within?: boolean;
}

/** Stands where something could not be drawn: what is safe, and what to do. */
export function Broken({ what, otherwise, again, within = false }: BrokenProps) {
  const [held, setHeld] = useState<HeldHere | null>();
  useEffect(() => {
    let there = true;
    void heldHere()
      .then(({ countHeldHere }) => countHeldHere())
      .then(
        (counts) => there && setHeld(counts),
        () => there && setHeld(null),
      );
    return () => {
      there = false;
    };
  }, []);
  const Heading = within ? 'h2' : 'h1';
  return (
    <div role="alert" className="mx-auto grid max-w-xl gap-3 p-6">
      <Heading className="text-heading font-bold">{what} could not be drawn</Heading>
      <p>This is a fault of the program, not of what you recorded.</p>
      <p className="font-semibold">{heldWords(held)}</p>
      <p className="text-ink2">{otherwise}</p>
      <p className="flex flex-wrap gap-2">
        <button className="act act-main" onClick={again}>
          Draw it again
        </button>
        <a className="act" href={today}>
          To Today
        </a>
      </p>
    </div>
  );
}
