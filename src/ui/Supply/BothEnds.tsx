'use client';

import { hang } from '@/core/fieldwork/recording/hang';
import type { FeedingEnd } from '@/core/fieldwork/recording/hang';
import { thingWords } from '@/core/installation/panel/thing-words';
import { formOf } from '@/core/vocabulary/device-forms';
import { useBook } from '../Book/context';

/** The two ends that were touched: what feeds, then what is fed. */
export interface Ends {
  from?: string;
  to?: string;
}

interface BothEndsProps {
  ends: Ends;
  set(ends: Ends | undefined): void;
}

/** What hangs on what, found by touching both ends on the drawing; of a panel, which of its throws. */
export function BothEnds({ ends, set }: BothEndsProps) {
  const { state, actions } = useBook();
  const { site } = state.assessment;
  const { from, to } = ends;
  const panel = site.panels.find(({ id }) => id === from);
  const throws = panel
    ? [...panel.pullOuts, ...panel.devices.filter(({ height }) => height > 1)]
    : [];
  const keep = (end: FeedingEnd) =>
    void actions
      .work((bench) => hang(end, to!, bench.site))
      .then((refused) => {
        if (!refused) set(undefined);
      });
  return (
    <div className="border-accent grid gap-2 border-l-4 pl-3" role="status">
      <p className="font-semibold">
        {!from
          ? 'Touch what feeds: the end the power comes from.'
          : !to
            ? `${thingWords(from, site)} feeds … touch the other end.`
            : `${thingWords(from, site)} feeds ${thingWords(to, site)}:`}
      </p>
      {from && to && panel && (
        <div className="flex flex-wrap gap-1.5">
          {throws.map((device) => (
            <button
              key={device.id}
              className="act"
              onClick={() => keep({ thing: from, by: { device: device.id } })}
            >
              by {device.label}, {device.terminals[0]?.handleA ?? '?'} A
            </button>
          ))}
          <button className="act" onClick={() => keep({ thing: from, by: 'lugs' })}>
            by its feed-through lugs
          </button>
          {panel.devices
            .filter(({ form }) => formOf(form).rows === 1)
            .map((device) => (
              <button
                key={device.id}
                className="act"
                onClick={() => keep({ thing: from, by: { device: device.id } })}
              >
                {device.label}
              </button>
            ))}
        </div>
      )}
      {from && to && !panel && (
        <button className="act act-main" onClick={() => keep({ thing: from })}>
          So it is
        </button>
      )}
      <button className="act" onClick={() => set(undefined)}>
        Leave it
      </button>
    </div>
  );
}
