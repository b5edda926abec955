'use client';

import { formOf } from '@/core/vocabulary/device-forms';
import { deviceCircuitWords } from '@/core/installation/panel/words';
import type { DeviceView } from '@/core/installation/panel/views';
import { gradeWords } from '@/core/vocabulary/grade';
import { findingWords } from '@/core/show/report/finding-words';
import { GradeMark } from '../../primitives/GradeMark';
import { useBook } from '../../Book/context';
import { EachScrew } from './EachScrew';
import { NoticedKeys } from './NoticedKeys';
import { PositionHeading } from './PositionHeading';
import { CircuitName } from './CircuitName';
import { DeviceFacts } from './DeviceFacts';
import { WorkOnDevice } from './WorkOnDevice';
import { TerminalDetail } from './TerminalDetail';

/** A breaker: its screws with what is under them, then what else was noticed. */
export function DeviceDetail({ device }: { device: DeviceView }) {
  const { state } = useBook();
  const { reader } = state.assessment.site;
  const form = formOf(device.form).short;
  const onLegs = [...new Set(device.terminals.map((terminal) => terminal.leg))];
  const legs = `${onLegs.length > 1 ? 'legs' : 'leg'} ${onLegs.join(' ')}`;
  const maker = reader.value(device.id, 'maker');
  const ratings = device.terminals[0]?.ratingA?.value.join('/') ?? '?';
  const refs = new Set([
    device.id,
    ...device.terminals.flatMap((terminal) => [
      terminal.ref,
      ...terminal.conductors.map((one) => one.id),
    ]),
  ]);
  const { judged } = state.assessment;
  const findings = judged
    ? state.assessment.findings.filter(({ verdict }) => refs.has(verdict.place.ref))
    : [];
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-2.5">
      <PositionHeading
        label={device.label}
        title={deviceCircuitWords(device) || 'No name'}
        under={[`${ratings} A`, form, legs, maker].filter(Boolean).join(', ')}
      />
      {findings.map((finding) => (
        <p key={finding.key} className="flex gap-2">
          <GradeMark grade={finding.grade} />
          <span>
            <strong style={{ color: `var(--${finding.grade})` }}>
              {gradeWords[finding.grade]}
            </strong>{' '}
            {findingWords(finding.verdict, 'short', state.assessment.settings)}
          </span>
        </p>
      ))}
      {device.terminals.length > 1 && <EachScrew device={device} />}
      {device.terminals.map((terminal) => (
        <TerminalDetail key={terminal.ref} terminal={terminal} />
      ))}
      <NoticedKeys about={device.id} />
      {formOf(device.form).circuits.map((indexes, index) => (
        <CircuitName
          key={`${index}${device.terminals[indexes[0]!]?.circuit?.name}`}
          device={device}
          index={index}
        />
      ))}
      <DeviceFacts device={device} />
      <WorkOnDevice key={device.id} device={device} />
    </div>
  );
}
