'use client';

import { barScrewPoint, bodyLength } from '@/core/drawing/geometry';
import type { Geometry } from '@/core/drawing/geometry';
import { gradeWords } from '@/core/grading/grade';
import { deviceCircuitWords } from '@/core/panel/words';
import type { PanelView, PositionView } from '@/core/panel/views';
import { useWalk } from './context';

/** Everything that can be touched: positions with their screws, and the screws of the bars. */
export function HitAreas({ panel, geometry }: { panel: PanelView; geometry: Geometry }) {
  const { state, selection, actions } = useWalk();
  const selected = selection.kind === 'position' ? selection.number : undefined;
  const first = panel.positions[0]?.number;
  return (
    <g>
      {panel.positions.map((position) => {
        const device = position.devices[0];
        if (device && device.number !== position.number) return null;
        const isSelected =
          selected === position.number ||
          (device !== undefined &&
            panel.positions.some((one) => one.number === selected && one.devices[0] === device));
        const height = device?.height ?? 1;
        const x = position.column === 1 ? geometry.left.outer - 0.5 : geometry.right.inner;
        const found = state.assessment.findings.filter(
          ({ verdict }) =>
            verdict.panel === panel.id &&
            verdict.place.related.some((ref) => ref === position.ref || ref === device?.id),
        );
        const words = [
          positionWords(position),
          ...found.map(({ grade, verdict }) => `${gradeWords[grade]}: ${verdict.rule.title}`),
        ].join('. ');
        return (
          <rect
            key={position.ref}
            data-position={position.number}
            data-selected={isSelected}
            x={x}
            y={geometry.rowsTop + position.row - 1}
            width={bodyLength + 0.5}
            height={height}
            rx={0.05}
            className="cursor-pointer outline-none focus-visible:stroke-(--accent)"
            fill="transparent"
            stroke={isSelected ? 'var(--accent)' : 'transparent'}
            strokeWidth={0.1}
            role="button"
            aria-label={words}
            aria-pressed={isSelected}
            tabIndex={isSelected || (selected === undefined && position.number === first) ? 0 : -1}
            onClick={(event) => {
              actions.select({ kind: 'position', number: position.number });
              event.currentTarget.focus();
            }}
          />
        );
      })}
      {panel.bars.flatMap((bar) =>
        bar.terminals.map((terminal) => {
          const point = barScrewPoint(geometry, bar, terminal.number);
          const isSelected =
            selection.kind === 'screw' &&
            selection.bar === bar.id &&
            selection.number === terminal.number;
          return (
            <rect
              key={terminal.ref}
              x={point.x - 0.5}
              y={point.y - geometry.barPitch / 2}
              width={1}
              height={geometry.barPitch}
              className="cursor-pointer outline-none focus-visible:stroke-(--accent)"
              fill="transparent"
              stroke={isSelected ? 'var(--accent)' : 'transparent'}
              strokeWidth={0.08}
              role="button"
              aria-label={`${bar.kind === 'ground' ? 'Ground' : 'Neutral'} screw ${terminal.number}, ${terminal.conductors.length} conductors`}
              aria-pressed={isSelected}
              tabIndex={isSelected ? 0 : -1}
              onClick={() =>
                actions.select({ kind: 'screw', bar: bar.id, number: terminal.number })
              }
            />
          );
        }),
      )}
    </g>
  );
}

function positionWords(position: PositionView): string {
  const device = position.devices[0];
  if (!device) {
    const state = { covered: 'closed by the cover', blanked: 'blank', open: 'open' };
    return `Position ${position.number}, leg ${position.leg}, ${position.opening ? state[position.opening.value] : 'not recorded'}`;
  }
  const ratings = device.terminals[0]?.ratingA?.value.join(' and ');
  const form = { 'single-pole': 'single pole', 'two-pole': 'two poles', tandem: 'tandem' }[
    device.form
  ];
  return [
    `Position ${device.label}`,
    ratings ? `${ratings} A` : 'rating not read',
    form,
    deviceCircuitWords(device) || 'no name',
  ].join(', ');
}
