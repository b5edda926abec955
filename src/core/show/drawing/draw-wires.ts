import type { Size } from '../../vocabulary/size';
import type { CableView } from '../../installation/panel/views';
import type { FactReader } from '../../record/entries/fact-reader';
import type { PropertyValue } from '../../record/entries/properties';
import type { Routed, Wire } from './route';
import type { JacketTone, Point, Shape, WireTone } from './shapes';
import { n, rectPath } from './shapes';
import { wirePath } from './wire-path';

/** Diameter over the insulation, inches. */
const insulatedIn: Partial<Record<Size, number>> = {
  '14': 0.112,
  '12': 0.132,
  '10': 0.162,
  '8': 0.215,
  '6': 0.25,
  '4': 0.32,
};
const bareIn = 0.085;

/** Each wire is three strokes: casing, edge, core. Unrecorded colour is a tone of its own. */
export function drawWires({ wires }: Routed): Shape[] {
  return wires.flatMap((wire): Shape[] => [...strokes(wire, wirePath(wire)), ...strippedEnd(wire)]);
}

/** Casing, edge and core of a conductor along a path. */
function strokes(wire: Pick<Wire, 'conductor' | 'use'>, d: string): Shape[] {
  const tone = wireTone(wire);
  const size = wire.conductor.size?.value;
  const width = tone === 'bare' ? bareIn : size ? (insulatedIn[size] ?? 0.4) : 0.12;
  const layer = wire.use === 'hot' ? 'hot' : wire.use === 'neutral' ? 'neutral' : 'bare';
  return [
    { kind: 'path', layer, d, stroke: 'back', width: width + 0.065 },
    { kind: 'path', layer, d, stroke: `wire-${tone}-edge`, width },
    { kind: 'path', layer, d, stroke: `wire-${tone}`, width: Math.max(width - 0.055, 0.03) },
  ];
}

/** Conductors on no screw: solid to a cap or a bare tip, a dashed ring where the end was not looked at. */
export function drawLooseEnds({ loose }: Routed, reader: FactReader): Shape[] {
  return loose.flatMap((one): Shape[] => {
    const { start, end } = one;
    const bend = end.y - Math.sign(end.y - start.y) * 0.22;
    const d = `M${n(start.x)} ${n(start.y)}V${n(bend)}Q${n(start.x)} ${n(end.y)} ${n(end.x)} ${n(end.y)}`;
    return [...strokes(one, d), ...endShape(end, reader.value(one.conductor.id, 'endState'))];
  });
}

function endShape({ x, y }: Point, state: PropertyValue<'endState'> | undefined): Shape[] {
  const base = { kind: 'path', layer: 'ends' } as const;
  const box = rectPath(
    x - 0.12,
    y - 0.12,
    0.24,
    0.24,
    state === 'capped' || state === 'joined' ? 0.05 : 0.12,
  );
  if (state === 'capped' || state === 'joined')
    return [{ ...base, d: box, fill: 'body', stroke: 'body-edge', width: 0.03 }];
  if (state === 'bare' || state === 'bare-live') {
    const d = `M${n(x - 0.17)} ${n(y)}H${n(x + 0.17)}`;
    return [
      { ...base, d, stroke: 'wire-bare-edge', width: 0.11 },
      { ...base, d, stroke: 'wire-bare', width: 0.06 },
    ];
  }
  return [{ ...base, d: box, fill: 'back', stroke: 'ink2', width: 0.025, dashed: true }];
}

/** Bare metal into the screw. */
function strippedEnd({ points, conductor }: Wire): Shape[] {
  const end = points.at(-1)!;
  const before = points.at(-2)!;
  const from = end.x + Math.sign(before.x - end.x) * 0.34;
  const metal = conductor.metal?.value === 'al' ? 'aluminium' : 'bare';
  return [
    {
      kind: 'path',
      layer: 'ends',
      d: `M${n(from)} ${n(end.y)}H${n(end.x)}`,
      stroke: `wire-${metal}-edge`,
      width: 0.1,
    },
    {
      kind: 'path',
      layer: 'ends',
      d: `M${n(from)} ${n(end.y)}H${n(end.x)}`,
      stroke: `wire-${metal}`,
      width: 0.055,
    },
  ];
}

function wireTone({ conductor, use }: Pick<Wire, 'conductor' | 'use'>): WireTone {
  const colour = conductor.colour?.value;
  if (colour) return colour;
  return use === 'neutral' ? 'white' : use === 'ground' ? 'bare' : 'unknown';
}

/**
 * Jackets with their clamps at the wall of the enclosure. One that ends outside leaves its wires bare at the wall;
 * one through a bare hole has no clamp.
 */
export function drawJackets({ jackets, geometry }: Routed, reader: FactReader): Shape[] {
  return jackets.flatMap((jacket): Shape[] => {
    const top = jacket.corner.edge === 'top';
    const x = jacket.x - jacket.width / 2;
    const ends = jacket.cable && reader.value(jacket.cable.id, 'sheathEnds');
    const clamp = jacket.cable && reader.value(jacket.cable.id, 'cableClamp');
    // How far it reaches in from the wall.
    const inside = ends === 'outside' ? -0.08 : ends === 'short' ? 0.12 : undefined;
    const mouth = inside === undefined ? jacket.y : top ? inside : geometry.height - inside;
    const y = top ? -0.35 : mouth;
    const height = top ? mouth + 0.35 : geometry.height - mouth + 0.35;
    const bare: Shape[] =
      inside === undefined
        ? []
        : jacket.conductors.map((conductor) => {
            const start = jacket.startOf(conductor);
            return {
              kind: 'path',
              layer: 'hot',
              d: `M${n(start.x)} ${n(mouth)}V${n(start.y)}`,
              stroke: `wire-${wireTone({ conductor, use: conductor.function?.value ?? 'hot' })}`,
              width: 0.07,
            };
          });
    const clampY = top ? 0.02 : geometry.height - 0.3;
    const known = jacket.cable?.kind !== undefined || jacket.cable?.jacket !== undefined;
    return [
      {
        kind: 'path',
        layer: 'hot',
        d: rectPath(x, y, jacket.width, height, 0.03),
        fill: jacketTone(jacket.cable),
        stroke: 'edge',
        width: 0.025,
        dashed: !known,
      },
      ...bare,
      ...(clamp === 'none'
        ? []
        : [
            {
              kind: 'path',
              layer: 'bars',
              d: rectPath(x - 0.05, clampY, jacket.width + 0.1, 0.28, 0.04),
              fill: 'steel',
              stroke: 'edge',
              width: 0.025,
            } as const,
          ]),
    ];
  });
}

function jacketTone(cable: CableView | undefined): `jacket-${JacketTone}` {
  if (cable?.jacket) return `jacket-${cable.jacket}`;
  if (cable?.kind?.value === 'ac' || cable?.kind?.value === 'tw' || cable?.kind?.value === 'thw')
    return 'jacket-steel';
  return 'jacket-unknown';
}
