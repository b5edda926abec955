'use client';

import { properties } from '@/core/record/entries/properties';
import { memo } from 'react';
import {
  barScrewPoint,
  bodyBox,
  bodyLength,
  boxOnSheet,
  poleShare,
  rowTop,
} from '@/core/show/drawing/geometry';
import type { Geometry } from '@/core/show/drawing/geometry';
import { lugRef } from '@/core/record/entries/thing-types';
import type { Finding } from '@/core/judge/grading/finding';
import { gradeWords } from '@/core/vocabulary/grade';
import { formOf } from '@/core/vocabulary/device-forms';
import { conductorWords, deviceCircuitWords } from '@/core/installation/panel/words';
import { systems } from '@/core/vocabulary/system';
import type { DeviceView, PanelView, PositionView } from '@/core/installation/panel/views';
import type { BookActions, Selection } from '../Book/context';
import { HitArea } from './HitArea';

/** Places that stay while nothing of them changes. */
export const HitAreas = memo(AllAreas);

/** Everything that can be touched: the enclosure, lugs, positions with their screws, screws of bars. */
interface HitAreasProps {
  panel: PanelView;
  geometry: Geometry;
  findings: readonly Finding[];
  selection: Selection;
  actions: BookActions;
}

function AllAreas({ panel, geometry: g, findings, selection, actions }: HitAreasProps) {
  const onThing = (ref: string) => selection.kind === 'thing' && selection.ref === ref;
  const { main } = g;
  const poles = systems[panel.system].legs.length;
  return (
    <g>
      <HitArea
        box={boxOnSheet(g, { x: 0, y: 0, width: g.width, height: 0.7 })}
        label={`${panel.name}, enclosure`}
        selected={onThing(panel.id)}
        onTouch={() => actions.select({ kind: 'thing', ref: panel.id })}
      />
      {systems[panel.system].legs.map((leg, index) => {
        const ref = lugRef(panel.id, (index + 1) as 1 | 2 | 3);
        const x = main.x + main.width * poleShare(index + 1, poles) - 0.5;
        return (
          <HitArea
            key={ref}
            box={boxOnSheet(g, { x, y: main.y - 1.1, width: 1, height: 1.1 })}
            label={`Lug ${leg}`}
            selected={onThing(ref)}
            onTouch={() => actions.select({ kind: 'thing', ref })}
          />
        );
      })}
      {[...(panel.main ? [panel.main] : []), ...panel.pullOuts].map((device) => (
        <HitArea
          key={device.id}
          box={boxOnSheet(g, bodyBox(g, device))}
          label={device.label}
          selected={onThing(device.id)}
          onTouch={() => actions.select({ kind: 'thing', ref: device.id })}
        />
      ))}
      {panel.positions.map((position) => (
        <PositionArea
          key={position.ref}
          {...{ panel, position, g, selection, actions }}
          found={foundAt(position, panel, findings)}
        />
      ))}
      {[...(g.looseAt ?? [])].map(([id, point]) => (
        <HitArea
          key={id}
          box={boxOnSheet(g, { x: point.x - 0.35, y: point.y - 0.3, width: 0.7, height: 0.6 })}
          label={`${thingLabel(panel, id)}, on no screw`}
          selected={onThing(id)}
          onTouch={() => actions.select({ kind: 'thing', ref: id })}
        />
      ))}
      {panel.bars.flatMap((bar) =>
        bar.terminals.map((terminal) => {
          const point = barScrewPoint(g, bar, terminal.number);
          const selected =
            selection.kind === 'screw' &&
            selection.bar === bar.id &&
            selection.number === terminal.number;
          return (
            <HitArea
              key={terminal.ref}
              box={boxOnSheet(g, {
                x: point.x - 0.5,
                y: point.y - g.barPitch / 2,
                width: 1,
                height: g.barPitch,
              })}
              label={`${bar.kind === 'ground' ? 'Ground' : 'Neutral'} screw ${terminal.number}, ${terminal.conductors.length} conductors`}
              selected={selected}
              focusable={selected}
              onTouch={() =>
                actions.select({ kind: 'screw', bar: bar.id, number: terminal.number })
              }
            />
          );
        }),
      )}
    </g>
  );
}

/** "12 copper hot" */
function thingLabel(panel: PanelView, id: string): string {
  const conductor = panel.conductors.find((one) => one.id === id);
  return conductor
    ? `${conductorWords(conductor)} ${conductor.function?.value ?? 'conductor'}`
    : 'Conductor';
}

/** Findings at a position or at what stands on it. */
const foundAt = (position: PositionView, panel: PanelView, findings: readonly Finding[]) =>
  findings.filter(
    ({ verdict }) =>
      verdict.panel === panel.id &&
      verdict.place.related.some((ref) => ref === position.ref || ref === position.devices[0]?.id),
  );

/** A position with what stands on it; a device of several rows is touched as one. */
function PositionArea({
  panel,
  position,
  g,
  selection,
  actions,
  found,
}: {
  panel: PanelView;
  position: PositionView;
  g: Geometry;
  selection: Selection;
  actions: BookActions;
  found: readonly Finding[];
}) {
  const device = position.devices[0];
  if (device && device.row !== position.row) return null;
  const selectedNumber = selection.kind === 'position' ? selection.number : undefined;
  const selected =
    selectedNumber === position.number ||
    (device !== undefined &&
      panel.positions.some((one) => one.number === selectedNumber && one.devices[0] === device));
  const words = [
    positionWords(position),
    ...found.map(({ grade, verdict }) => `${gradeWords[grade]}: ${verdict.rule.title}`),
  ].join('. ');
  const first = position === panel.positions[0];
  return (
    <HitArea
      box={boxOnSheet(g, {
        x: position.column === 1 ? g.left.outer - 0.5 : g.right.inner,
        y: rowTop(g, position.row),
        width: bodyLength + 0.5,
        height: device?.height ?? 1,
      })}
      label={words}
      position={position.number}
      selected={selected}
      focusable={selected || (selectedNumber === undefined && first)}
      onTouch={() => actions.select({ kind: 'position', number: position.number })}
    />
  );
}

function positionWords(position: PositionView): string {
  if (position.devices.length === 0) {
    return `Position ${position.number}, leg ${position.leg}, ${position.opening ? properties.opening.choices[position.opening.value] : 'not recorded'}`;
  }
  return position.devices.map(deviceWords).join('; ');
}

function deviceWords(device: DeviceView): string {
  const ratings = device.terminals[0]?.ratingA?.value.join(' and ');
  return [
    `Position ${device.label}`,
    ratings ? `${ratings} A` : 'rating not read',
    formOf(device.form).short,
    deviceCircuitWords(device) || 'no name',
  ].join(', ');
}
