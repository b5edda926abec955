'use client';

import { useWalk } from './context';
import { DeviceDetail } from './detail/DeviceDetail';
import { EmptyDetail } from './detail/EmptyDetail';
import { ScrewDetail } from './detail/ScrewDetail';
import { StageDetail } from './detail/StageDetail';

/** What is in hand: a position, a bar's screw, or a stage. */
export function Detail() {
  const { selection, panel } = useWalk();
  if (selection.kind === 'stage') return <StageDetail number={selection.stage} />;
  if (selection.kind === 'screw')
    return <ScrewDetail bar={selection.bar} number={selection.number} />;
  const position = panel.positions.find((one) => one.number === selection.number);
  if (!position) return <StageDetail number={6} />;
  const device = position.devices[0];
  return (
    <section
      className="border-line border-b p-4"
      aria-label={`Position ${device?.label ?? position.number}`}
    >
      {device ? (
        <DeviceDetail key={device.id} device={device} />
      ) : (
        <EmptyDetail key={position.ref} position={position} />
      )}
    </section>
  );
}
