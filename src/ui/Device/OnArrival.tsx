'use client';

import { useState } from 'react';
import type { Errand } from '@/client/errands/errands';
import { dropErrand, noteErrand } from '@/client/errands/errands';
import { memberHere } from '@/client/kept/member-here';

/** Where the server is wanted and not reached: it is offered once it is. */
export function OnArrival({ errand }: { errand: Errand }) {
  const [noted, setNoted] = useState(false);
  const [fault, setFault] = useState('');
  const member = memberHere();
  if (member === undefined) return null;
  const note = () => {
    try {
      noteErrand(member, errand);
      setNoted(true);
    } catch {
      setFault('This browser keeps nothing beyond a page: it could not be noted.');
    }
  };
  if (fault) return <span role="alert">{fault}</span>;
  return noted ? (
    <span role="status" className="inline-flex flex-wrap items-center gap-2">
      Noted: Today offers it once the server is reached and everything has arrived.
      <button
        className="act"
        type="button"
        onClick={() => {
          dropErrand(member, errand.path);
          setNoted(false);
        }}
      >
        Drop it
      </button>
    </span>
  ) : (
    <button className="act" type="button" onClick={note}>
      Offer it once the server is reached
    </button>
  );
}
