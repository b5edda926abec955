import { useEffect, useId, useRef } from 'react';
import type { Mark } from './move-marks';

/**
 * What a step takes away, on its way along the line to where it goes. It is gone once it has arrived: there
 * the drawing after the work shows it. Only where motion is welcome.
 */
export function Travelling({ mark: { from, to, leader }, of }: { mark: Mark; of: string }) {
  const clip = useId();
  const piece = useRef<SVGGElement>(null);
  const [start, turn] = leader;
  const travels = from !== undefined && to !== undefined && leader.length > 2;
  // Out along the seam, down or up in its lane, and in: as the line runs.
  const lane = travels ? turn!.x - start!.x : 0;
  const [dx, dy] = travels ? [to.x - from.x, to.y - from.y] : [0, 0];
  useEffect(() => {
    const at = (x: number, y: number, opacity = 1) => ({
      transform: `translate(${x}px, ${y}px)`,
      opacity,
    });
    const going = piece.current?.animate?.(
      [at(0, 0), at(lane, 0), at(lane, dy), at(dx, dy), at(dx, dy, 0)],
      { duration: 1600, easing: 'ease-in-out' },
    );
    return () => going?.cancel();
  }, [lane, dx, dy]);
  if (!travels) return null;
  return (
    <g ref={piece} opacity={0} aria-hidden="true" pointerEvents="none">
      <clipPath id={clip}>
        <rect {...from} />
      </clipPath>
      <use href={`#${of}`} clipPath={`url(#${clip})`} />
      <rect {...from} fill="none" stroke="var(--accent)" strokeWidth={0.12} />
    </g>
  );
}
