'use client';

import { useBook, useInHand } from '../Book/context';
import { useContradictions } from '../Merging/use-contradictions';
import { lazily } from '../primitives/lazily';
import { DeviceDetail } from './detail/DeviceDetail';
import { OtherHalf } from './detail/OtherHalf';
import { EmptyDetail } from './detail/EmptyDetail';
import { ScrewDetail } from './detail/ScrewDetail';
import { ThingDetail } from './detail/ThingDetail';
import { StageDetail } from './detail/StageDetail';

const InHandContradictions = lazily(
  async () => (await import('../Merging/InHandContradictions')).InHandContradictions,
);

/** What is in hand: a position, a bar's screw, or a stage; first what two hands recorded of it against each other. */
export function Detail() {
  return (
    <>
      {useContradictions().length > 0 && <InHandContradictions />}
      <InHand />
    </>
  );
}

function InHand() {
  const { panel, actions } = useBook();
  const { selection } = useInHand();
  if (selection.kind === 'stage') return <StageDetail number={selection.stage} />;
  if (selection.kind === 'screw')
    return <ScrewDetail bar={selection.bar} number={selection.number} />;
  if (selection.kind === 'thing') return <ThingDetail key={selection.ref} about={selection.ref} />;
  const position = panel.positions.find((one) => one.number === selection.number);
  if (!position) return <StageDetail number={6} />;
  const device = position.devices.find((one) => one.half === selection.half) ?? position.devices[0];
  return (
    <section
      className="border-line border-b p-4 max-lg:pt-2.5"
      aria-label={`Position ${device?.label ?? position.number}`}
    >
      {position.devices.length > 1 && (
        <div className="mb-2 flex gap-2" role="group" aria-label="Halves of this position">
          {position.devices.map((one) => (
            <button
              key={one.id}
              className="act flex-1"
              aria-pressed={one === device}
              onClick={() =>
                actions.select({
                  kind: 'position',
                  number: position.number,
                  ...(one.half && { half: one.half }),
                })
              }
            >
              {one.label}
            </button>
          ))}
        </div>
      )}
      {device?.half && position.devices.length === 1 && <OtherHalf device={device} />}
      {device ? (
        <DeviceDetail key={device.id} device={device} />
      ) : (
        <EmptyDetail key={position.ref} position={position} />
      )}
    </section>
  );
}
