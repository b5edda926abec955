import fc from 'fast-check';
import type { Entry, Json } from '../record/entries/entry';
import { properties } from '../record/entries/properties';
import type { PropertySpec } from '../record/entries/properties';
import type { Subject, ThingType } from '../record/entries/thing-types';
import { thingTypes } from '../record/entries/thing-types';
import { bench } from './bench';

const specs = Object.entries(properties) as [string, PropertySpec][];

/** Values of the shape a property asks for, and now and then something else. */
function valuesOf(spec: PropertySpec): fc.Arbitrary<Json> {
  const keys = Object.keys(spec.choices ?? { none: '' });
  const fitting: Record<PropertySpec['input'], fc.Arbitrary<Json>> = {
    'yes-no': fc.boolean(),
    choice: fc.constantFrom(...keys),
    choices: fc.uniqueArray(fc.constantFrom(...keys), { maxLength: 3 }),
    number: fc.integer({ min: 0, max: 130 }),
    length: fc.oneof(
      fc.integer({ min: 0, max: 3000 }),
      fc.record({ value: fc.integer({ min: 0, max: 99 }), unit: fc.constantFrom('in', 'ft', 'm') }),
    ),
    torque: fc.oneof(
      fc.integer({ min: 0, max: 60 }),
      fc.record({
        value: fc.integer({ min: 0, max: 300 }),
        unit: fc.constantFrom('N·m', 'lbf·in'),
      }),
    ),
    text: fc.constantFrom('Tarnholt', 'yes', '2026-01-01'),
    date: fc.constantFrom('2026-01-01', 'soon'),
    list: fc.array(fc.constantFrom('Tarnholt', 'Oskelund TQ'), { maxLength: 3 }),
    numbers: fc.uniqueArray(fc.integer({ min: 1, max: 24 }), { maxLength: 4 }),
    thing: fc.constantFrom('panel', 'd1', 'a1', 'nowhere'),
    none: fc.constantFrom<Json>(
      'panel',
      'service',
      'd1/t1',
      ['d1/t1', 'd2/t1'],
      null,
      { kind: 'main' },
      { kind: 'position', column: 1, row: 2 },
      { kind: 'position', column: 2, row: 40, half: 'upper' },
      [20],
      { x: 0.5, y: 0.5 },
    ),
  };
  return fc.oneof(
    { weight: 9, arbitrary: fitting[spec.input] },
    { weight: 1, arbitrary: fc.constantFrom<Json>('nonsense', -1, [1, 'x'], {}) },
  );
}

const subjects = [...(Object.keys(thingTypes) as ThingType[])];
const parts = ['', '/c1r1', '/c2r3', '/c1r40', '/t1', '/t4', '/t30', '/l1', '/ln', '/zz'];
const ids = ['site', 'house', 'service', 'panel', 'nbar', 'd1', 'd2', 'a1', 'a2', 'a3', 'nowhere'];

const facts = fc
  .uniqueArray(fc.constantFrom(...specs), {
    minLength: 1,
    maxLength: 4,
    selector: ([name]) => name,
  })
  .chain((chosen) =>
    fc.tuple(
      ...chosen.map(([name, spec]) => valuesOf(spec).map((value) => [name, value] as const)),
    ),
  )
  .map((pairs) => Object.fromEntries(pairs) as Record<string, Json>);

const says = fc.oneof(
  fc.record({
    kind: fc.constant('add' as const),
    thing: fc.constantFrom('a1', 'a2', 'a3', 'd1', 'd2'),
    type: fc.constantFrom<Subject>(...subjects),
    in: fc.constantFrom('site', 'house', 'panel', 'a1', 'nowhere', null),
    facts,
    certainty: fc.constantFrom('seen' as const, 'measured' as const, 'told' as const),
  }),
  fc.record({
    kind: fc.constant('observe' as const),
    about: fc
      .tuple(fc.constantFrom(...ids), fc.constantFrom(...parts))
      .map(([id, part]) => id + part),
    facts,
    certainty: fc.constantFrom('seen' as const, 'inferred' as const),
    replaces: fc.uniqueArray(
      fc.integer({ min: 1, max: 30 }).map((n) => `e${n}`),
      { maxLength: 2 },
    ),
  }),
  fc.record({
    kind: fc.constant('undo' as const),
    undoes: fc.integer({ min: 1, max: 30 }).map((n) => `act${n}`),
  }),
);

/** A recorded panel, then anything at all said of anything, by two people on two devices. */
export const anyEntries: fc.Arbitrary<Entry[]> = fc
  .array(fc.tuple(says, fc.constantFrom('tablet', 'phone'), fc.integer({ min: 1, max: 40 })), {
    maxLength: 24,
  })
  .map((rest) => {
    const standing = bench().lines('1 20 12cu:b m1 n1 kitchen', '3 15 2x14cu hall').book.entries;
    const made = rest.map(([said, device, later], index) => ({
      v: 1 as const,
      id: `e${index + 1}`,
      counter: standing.length + later,
      device,
      author: device === 'tablet' ? 'ines' : 'bram',
      at: '2026-04-14T09:41:00+01:00',
      action: `act${index + 1}`,
      ...said,
    }));
    return [...standing, ...(made as Entry[])];
  });
