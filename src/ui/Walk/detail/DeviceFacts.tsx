'use client';

import type { DeviceView } from '@/core/installation/panel/views';
import { positionsOf } from '@/core/fieldwork/recording/line-of-device';
import { positionRef } from '@/core/record/entries/thing-types';
import { useBook } from '../../Book/context';
import { QuickFacts } from './QuickFacts';
import { ScrewFields } from './ScrewFields';
import { PhotoInput } from '../../Photos/PhotoInput';
import { FactField } from '../../facts/FactField';
import { FactSheet } from '../../facts/FactSheet';
import { SureChoice } from '../../facts/SureChoice';
import { OneOf } from '../../primitives/OneOf';
import { Folded } from '../../primitives/Folded';

/** What else is recorded of a breaker, each where it is seen. */
export function DeviceFacts({ device }: { device: DeviceView }) {
  const { state, panel, actions } = useBook();
  const { reader } = state.assessment.site;
  const takes = reader.value(device.id, 'terminalTakes');
  const shared = panel.multiwires.find((group) => group.hots.some((hot) => hot.device === device));
  const others = panel.devices.filter((one) => one !== device || one.terminals.length > 1);
  const positions = positionsOf(panel, device);
  const base = {
    kind: 'position' as const,
    positions,
    form: device.form,
    marks: [],
    names: [],
    ...(device.half && { half: device.half }),
  };
  return (
    <div className="border-hair grid gap-2 border-t pt-2">
      <OneOf
        label="Screw marked for"
        className="grid grid-cols-2 gap-2"
        choices={[
          { value: '1', words: 'Marked for 1' },
          { value: '2', words: 'Marked for 2' },
        ]}
        value={takes === 1 ? '1' : takes === 2 ? '2' : undefined}
        choose={(count) => void actions.observe(device.id, { terminalTakes: Number(count) })}
      />
      <div className="grid grid-cols-2 gap-2">
        <ScrewFields device={device} use="neutral" />
        <ScrewFields device={device} use="ground" />
        <label className="text-caption text-ink2 grid gap-0.5">
          Shares its neutral with
          <select
            className="field"
            value={
              (shared?.hots.find((hot) => hot.device !== device) ?? shared?.hots[0])?.device
                .number ?? ''
            }
            onChange={(event) =>
              void actions.recordLine({ ...base, sharesWith: Number(event.target.value) })
            }
          >
            <option value="" disabled>
              nothing recorded
            </option>
            {others.map((other) => (
              <option key={other.id} value={other.number}>
                {other === device ? 'its own poles, together' : other.label}
              </option>
            ))}
          </select>
        </label>
      </div>
      <QuickFacts device={device} />
      <PhotoInput about={device.id} words={`Photo of ${device.label}`} />
      <Folded words="Everything of this breaker">
        <div className="mt-2 grid gap-2">
          <SureChoice />
          <FactSheet about={device.id} without={['terminalTakes', 'form']} />
          <FactField
            about={positionRef(panel.id, device.column, device.row)}
            property="busCondition"
          />
          {device.terminals.map((terminal) => (
            <button
              key={terminal.ref}
              className="act"
              onClick={() => actions.select({ kind: 'thing', ref: terminal.ref })}
            >
              Terminal {terminal.label}: everything
            </button>
          ))}
          {[...new Set(device.terminals.flatMap((one) => one.circuit ?? []))].map((circuit) => (
            <button
              key={circuit.id}
              className="act"
              onClick={() => actions.select({ kind: 'thing', ref: circuit.id })}
            >
              Circuit {circuit.name ?? device.label}: everything
            </button>
          ))}
        </div>
      </Folded>
    </div>
  );
}
