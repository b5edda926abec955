'use client';

import { useState } from 'react';
import { askText } from '@/client/http';
import { inspectionOf } from '@/client/errands/errands';
import { OnArrival } from '../Device/OnArrival';
import { saveFrom } from '../primitives/save-file';

/** Saves the package; where the server is not reached it is offered once it is. Without script it is a plain link. */
export function PackageButton({ href }: { href: string }) {
  const [unreached, setUnreached] = useState(false);
  const save = async () => {
    const there = await askText('/health/live', { timeout: 5000 });
    setUnreached(!there.ok);
    if (there.ok) saveFrom(href);
  };
  return (
    <span className="inline-flex flex-wrap items-center gap-2">
      <a
        className="act"
        href={href}
        download
        onClick={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <span className="max-md:sr-only">Download </span>
        package
      </a>
      {unreached && (
        <>
          <span role="alert" className="text-danger font-semibold">
            The package was not fetched: the server was not reached.
          </span>
          <OnArrival
            errand={{
              path: href,
              what: 'package',
              words: 'the package',
              inspection: inspectionOf(href),
            }}
          />
        </>
      )}
    </span>
  );
}
