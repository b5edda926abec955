import { scaleSymlog } from 'd3-scale';
import type { Assumption } from '@/core/model/simulation/assumptions';
import type { SiteNetwork } from '@/core';
import type { WhatIf } from '@/core/vocabulary/what-if';
import { metalWords, sizes } from '@/core/vocabulary/size';
import type { Size } from '@/core/vocabulary/size';

interface AssumptionSlidersProps {
  made: SiteNetwork;
  change(more: WhatIf): void;
}

/** Every figure that was assumed, with its reason; each can be set. Sizes of the runs besides. */
export function AssumptionSliders({ made, change }: AssumptionSlidersProps) {
  return (
    <fieldset className="mt-4">
      <legend className="font-semibold">Taken as</legend>
      <ul>
        {made.assumptions.map((one) => (
          <Slider key={one.id} one={one} set={(value) => change({ set: { [one.id]: value } })} />
        ))}
        {made.sizes.map(({ id, words, size, metal, assumed }) => (
          <li key={id} className="border-hair border-b py-1">
            <label className="flex items-center gap-2">
              <span className="flex-1">
                {words}, {metalWords[metal]}
              </span>
              <select
                className="field w-28!"
                value={size}
                onChange={(event) => change({ size: { [id]: event.target.value as Size } })}
              >
                {sizes.map((one) => (
                  <option key={one} value={one}>
                    {one}
                  </option>
                ))}
              </select>
            </label>
            {assumed !== 'nothing' && (
              <p className="text-caption text-ink2">{assumed} not recorded</p>
            )}
          </li>
        ))}
      </ul>
    </fieldset>
  );
}

const steps = 400;

function Slider({ one, set }: { one: Assumption; set(value: number): void }) {
  const { words, value, unit, least, most, because } = one;
  // Small values matter most: the slider runs evenly through their orders of size.
  const scale = scaleSymlog()
    .constant(Math.max(most / 2000, 0.001))
    .domain([least, most])
    .range([0, steps]);
  const shown = value === 0 ? '0' : String(Number(value.toPrecision(3)));
  return (
    <li className="border-hair border-b py-1">
      <label className="block">
        <span className="flex gap-2">
          <span className="flex-1">{words}</span>
          <strong className="whitespace-nowrap">
            {shown} {unit}
          </strong>
        </span>
        <input
          type="range"
          className="accent-accent w-full max-lg:h-10"
          min={0}
          max={steps}
          step={1}
          value={scale(value)}
          aria-valuetext={`${shown} ${unit}`}
          onChange={(event) => set(Number(scale.invert(Number(event.target.value)).toPrecision(3)))}
        />
      </label>
      <p className="text-caption text-ink2">{because}</p>
    </li>
  );
}
