'use client';

import type { DeviceView } from '@/core/installation/panel/views';
import { positionsOf } from '@/core/fieldwork/recording/line-of-device';
import { useBook } from '../../Book/context';

const ratings = [15, 20, 25, 30];

/** The free half beside a half-width breaker: another of these stands there. */
export function OtherHalf({ device }: { device: DeviceView }) {
  const { panel, actions } = useBook();
  const half = device.half === 'upper' ? 'lower' : 'upper';
  return (
    <div className="mb-3 flex gap-2" role="group" aria-label={`The ${half} half`}>
      <span className="text-ink2 self-center">In the {half} half</span>
      {ratings.map((rating) => (
        <button
          key={rating}
          className="act flex-1 px-1!"
          aria-label={`${rating} A in the ${half} half`}
          onClick={() =>
            void actions.recordLine({
              kind: 'position',
              positions: positionsOf(panel, device),
              form: 'half',
              half,
              ratingsA: [rating],
              marks: [],
              names: [],
            })
          }
        >
          {rating} A
        </button>
      ))}
    </div>
  );
}
