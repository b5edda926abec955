'use client';

import { useEffect, useState } from 'react';
import type { KeptOverview } from '@/client/kept/overview';
import { overviewOf, setPinned } from '@/client/kept/overview';
import { isNearlyFull } from '@/client/kept/room';
import { counted } from '@/core/vocabulary/phrases';
import { sentWords } from '../primitives/sent-words';

interface OnThisDeviceProps {
  member: string;
  /** Names of places, by their inspection. */
  places: ReadonlyMap<string, string>;
}

/** What opens here without the server: which inspections, of when, how large; and what is wanted here for good. */
export function OnThisDevice({ member, places }: OnThisDeviceProps) {
  const [shown, show] = useState<KeptOverview>();
  const [open, setOpen] = useState(false);
  const [asked, ask] = useState(0);
  useEffect(() => {
    let left = false;
    const look = () =>
      void overviewOf(member).then(
        (overview) => !left && show(overview),
        () => undefined,
      );
    look();
    // It is taken along bit by bit, once the list stands.
    const looking = setInterval(look, 10_000);
    return () => {
      left = true;
      clearInterval(looking);
    };
  }, [member, asked]);
  if (!shown || shown.inspections.length === 0) return null;
  const { inspections, room } = shown;
  const bytes = inspections.reduce((sum, one) => sum + one.bytes, 0);
  const pinned = inspections.filter((one) => one.pinned).length;
  return (
    <section aria-labelledby="on-device" className="border-hair mt-6 grid gap-2 border-t pt-3">
      <h2 id="on-device" className="text-heading font-bold">
        Opens without the server
      </h2>
      {isNearlyFull(room) && (
        <p role="alert" className="text-danger font-semibold">
          This device is nearly full: {megabytes(room!.used)} of {megabytes(room!.all)} are used.
          Nothing more is taken along, so that there is room for what you record. Let some go, or
          clear other things off the device.
        </p>
      )}
      <p>
        {counted(inspections.length, 'inspection')}
        {pinned > 0 && `, ${pinned} of them kept here`}: {megabytes(bytes)}
        {room && ` of ${megabytes(room.all)} this browser gives`}.
        {room &&
          !room.persistent &&
          ' The browser may clear these copies away when it needs room; it is asked not to.'}
      </p>
      <button
        type="button"
        className="act justify-self-start"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        {open ? 'Hide them' : 'Show them'}
      </button>
      {open && (
        <ul className="border-ink border-t-2">
          {inspections.map((one) => {
            const place = places.get(one.inspection) ?? 'An inspection further down the list';
            return (
              <li
                key={one.inspection}
                className="border-hair flex flex-wrap items-center gap-x-3 border-b py-1.5"
              >
                <span className="min-w-0 flex-1">
                  <span className="font-semibold">{place}</span>
                  <br />
                  <span className="text-ink2">
                    copy of {sentWords(one.at)}, {megabytes(one.bytes)}
                    {one.pictures > 0 && `, ${counted(one.pictures, 'photo')}`}
                  </span>
                </span>
                <button
                  type="button"
                  className="act"
                  aria-pressed={one.pinned}
                  aria-label={`Keep ${place} on this device`}
                  onClick={() =>
                    void setPinned(member, one.inspection, !one.pinned).then(() =>
                      ask((times) => times + 1),
                    )
                  }
                >
                  {one.pinned ? 'Kept here' : 'Keep here'}
                </button>
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
}

const megabytes = (bytes: number): string =>
  bytes < 100_000
    ? `${Math.ceil(bytes / 1000)} kB`
    : bytes < 1e9
      ? `${(bytes / 1e6).toFixed(bytes < 1e7 ? 1 : 0)} MB`
      : `${(bytes / 1e9).toFixed(1)} GB`;
