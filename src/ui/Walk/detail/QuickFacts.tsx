'use client';

import { properties } from '@/core/record/entries/properties';
import type { PropertyValue } from '@/core/record/entries/properties';
import type { DeviceView } from '@/core/installation/panel/views';
import { positionsOf } from '@/core/fieldwork/recording/line-of-device';
import { useBook } from '../../Book/context';
import { OneOf } from '../../primitives/OneOf';

/** What is asked of nearly every breaker: its maker, one tap where it was named before; its load. */
export function QuickFacts({ device }: { device: DeviceView }) {
  const { state, panel, actions } = useBook();
  const { reader } = state.assessment.site;
  const maker = reader.value(device.id, 'maker');
  const makers = [
    ...new Set(
      [panel.id, ...panel.devices.map((one) => one.id)].flatMap(
        (id) => reader.value(id, 'maker') ?? [],
      ),
    ),
  ];
  const load = device.terminals[0]?.circuit?.loads[0]?.kind?.value;
  return (
    <>
      {makers.length > 0 && (
        <OneOf
          label="Maker of the breaker"
          className="flex flex-wrap gap-2"
          each="act flex-1"
          choices={makers.map((name) => ({ value: name, words: name }))}
          value={maker}
          choose={(name) => void actions.observe(device.id, { maker: name })}
        />
      )}
      <label className="text-caption text-ink2 grid gap-0.5">
        Kind of load
        <select
          className="field"
          value={load ?? ''}
          onChange={(event) =>
            void actions.recordLine({
              kind: 'position',
              positions: positionsOf(panel, device),
              form: device.form,
              ...(device.half && { half: device.half }),
              load: { loadKind: event.target.value as PropertyValue<'loadKind'> },
              marks: [],
              names: [],
            })
          }
        >
          <option value="" disabled>
            not recorded
          </option>
          {Object.entries(properties.loadKind.choices).map(([key, words]) => (
            <option key={key} value={key}>
              {words}
            </option>
          ))}
        </select>
      </label>
    </>
  );
}
