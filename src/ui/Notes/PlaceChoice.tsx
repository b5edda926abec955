'use client';

import { thingWords } from '@/core/installation/panel/thing-words';
import { useBook } from '../Book/context';

/** Any thing or part of the inspection by its words. */
export function PlaceChoice({ label, choose }: { label: string; choose(ref: string): void }) {
  const { state } = useBook();
  const { site } = state.assessment;
  const { reader } = site;
  const around = [...reader.inspection.things.values()].filter(
    ({ id, type }) =>
      ![
        'note',
        'photo',
        'device',
        'bar',
        'cable',
        'conductor',
        'circuit',
        'multiwire',
        'load',
      ].includes(type) && !reader.value(id, 'removed'),
  );
  return (
    <select
      className="field max-w-72"
      aria-label={label}
      value=""
      onChange={(event) => choose(event.target.value)}
    >
      <option value="" disabled>
        {label} …
      </option>
      {around.map((thing) => (
        <option key={thing.id} value={thing.id}>
          {thingWords(thing.id, site)}
        </option>
      ))}
      {site.panels.map((panel) => (
        <optgroup key={panel.id} label={panel.name}>
          {panel.positions
            .filter((position) => position.devices[0]?.row !== undefined || position.opening)
            .filter((position) => !position.devices[0] || position.devices[0].row === position.row)
            .map((position) => {
              const ref = position.devices[0]?.id ?? position.ref;
              return (
                <option key={position.ref} value={ref}>
                  {thingWords(ref, site)}
                </option>
              );
            })}
          {panel.bars.map((bar) => (
            <option key={bar.id} value={bar.id}>
              {thingWords(bar.id, site)}
            </option>
          ))}
        </optgroup>
      ))}
    </select>
  );
}
