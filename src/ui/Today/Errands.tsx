'use client';

import { useEffect, useReducer } from 'react';
import { askJson } from '@/client/http';
import type { Errand } from '@/client/errands/errands';
import { dropErrand, errandsOf } from '@/client/errands/errands';
import type { HeldOnDevice } from '@/client/outbox/held-by-inspection';
import { capital } from '@/core/vocabulary/phrases';
import { PdfButton } from '../Report/PdfButton';

interface ErrandsProps {
  member: string;
  held: HeldOnDevice;
  /** What stands here was just sent by the server. */
  reached: boolean;
  /** Names of places, by their inspection. */
  places: ReadonlyMap<string, string>;
}

/** What was wanted while the server was not reached: offered now, or once it is. */
export function Errands({ member, held, reached, places }: ErrandsProps) {
  const [, again] = useReducer((count: number) => count + 1, 0);
  const errands = errandsOf(member);
  // Pictures belong to whichever inspection: a file made before they arrived would lack them.
  const waiting = new Set(
    held.inspections.flatMap((one) => (one.waiting > 0 ? [one.inspection] : [])),
  );
  const isReady = ({ inspection }: Errand) =>
    reached && held.pictures === 0 && !(inspection !== undefined && waiting.has(inspection));
  const ready = errands.filter(isReady);
  const files = ready.filter(({ what }) => what === 'pdf').map(({ path }) => path);
  const wanted = files.join(' ');
  useEffect(() => {
    // It is made meanwhile, so that it is there when it is asked for.
    for (const path of wanted.split(' ').filter(Boolean)) void askJson(`${path}&ask`);
  }, [wanted]);
  if (errands.length === 0) return null;
  const drop = (path: string) => {
    dropErrand(member, path);
    again();
  };
  return (
    <section className="border-accent mt-4 border-l-4 pl-3" aria-labelledby="errands">
      <h2 id="errands" className="text-heading font-bold">
        {ready.length > 0 ? 'Wanted while there was no server' : 'Once the server is reached'}
      </h2>
      <ul>
        {errands.map((errand) => {
          const place = errand.inspection && places.get(errand.inspection);
          return (
            <li
              key={errand.path}
              className="border-hair flex flex-wrap items-center gap-x-3 gap-y-1 border-b py-1.5"
            >
              <span className="min-w-0 flex-1">
                {capital(errand.words)}
                {place && (
                  <>
                    : <span className="font-semibold">{place}</span>
                  </>
                )}
                {!isReady(errand) && (
                  <span className="text-ink2">
                    {reached ? ', once what is held here has arrived' : ''}
                  </span>
                )}
              </span>
              {isReady(errand) && <Offer errand={errand} done={() => drop(errand.path)} />}
              <button className="act" type="button" onClick={() => drop(errand.path)}>
                Drop it
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

function Offer({ errand: { what, path }, done }: { errand: Errand; done(): void }) {
  if (what === 'pdf') return <PdfButton href={path} />;
  return what === 'package' ? (
    <a className="act act-main" href={path} download onClick={done}>
      Save it
    </a>
  ) : (
    // Asked for whole: it is a page of the server.
    <a className="act act-main" href={path} onClick={done}>
      Open it
    </a>
  );
}
