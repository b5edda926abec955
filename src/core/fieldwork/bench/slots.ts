import type { Assessment } from '../../judge/assess/assess';
import type { PropertyName, PropertyValue } from '../../record/entries/properties';
import { propertySpec } from '../../record/entries/properties';
import type { PanelView } from '../../installation/panel/views';
import { isElectronic } from '../../measure/readings/electronic';
import { lugsOf } from '../walk/asked';
import { thingWords } from '../../installation/panel/thing-words';
import { proofSteps } from '../../measure/readings/dead-proof';
import type { Limits } from '../../measure/readings/limits';
import { limitsOf } from '../../measure/readings/limits';
import { formOf } from '../../vocabulary/device-forms';
import { systems } from '../../vocabulary/system';

export type InstrumentKind = PropertyValue<'instrumentKind'>;

/** One reading to take: of what, with which kind of instrument, held against which limits. */
export interface Slot {
  key: string;
  about: string;
  property: PropertyName;
  words: string;
  unit: string;
  kind: InstrumentKind;
  limits: Limits | undefined;
  /** A button to press instead of a figure. */
  button: boolean;
}

/** Readings taken together, in the right order. */
export interface SlotGroup {
  key: string;
  title: string;
  does: string;
  slots: Slot[];
}

/** The bench of readings of a panel: proof, supply, currents, outputs, ground, heat, torque, buttons. */
export function slotGroups({ site, yardstick }: Assessment, panel: PanelView): SlotGroup[] {
  const { reader } = site;
  const three = systems[panel.system].legs.length === 3;
  const slot = (
    about: string,
    property: PropertyName,
    kind: InstrumentKind,
    words = propertySpec(property)!.label,
  ): Slot => ({
    key: `${about}|${property}`,
    about,
    property,
    words,
    unit: propertySpec(property)!.unit ?? '',
    kind,
    limits: limitsOf({ about, property }, panel, reader, yardstick),
    button: propertySpec(property)!.input === 'choice',
  });
  const ofPanel = (kind: InstrumentKind, ...names: PropertyName[]) =>
    names.map((name) => slot(panel.id, name, kind));
  const terminals = panel.devices.flatMap((device) => device.terminals);
  const breaker = (ref: string) => thingWords(ref, site);
  const around = [...reader.inspection.things.values()].filter(
    (thing) => !reader.value(thing.id, 'removed'),
  );
  const ofType = (type: 'electrode' | 'pipe') => around.filter((thing) => thing.type === type);
  const group = (key: string, title: string, does: string, slots: Slot[]): SlotGroup[] =>
    slots.length > 0 ? [{ key, title, does, slots }] : [];

  return [
    ...group(
      'supply',
      'Supply',
      'Leg to leg, each leg to neutral, neutral to ground, with loads on.',
      [
        ...ofPanel('meter', 'abV', ...(three ? (['bcV', 'caV'] as const) : []), 'anV', 'bnV'),
        ...(three ? ofPanel('meter', 'cnV') : []),
        ...ofPanel('meter', 'ngV'),
      ],
    ),
    ...(three
      ? []
      : group(
          'loaded',
          'Supply, a large load on',
          'The same again with one large load switched on at one leg: a sound neutral holds the legs.',
          ofPanel('meter', 'abLoadedV', 'anLoadedV', 'bnLoadedV', 'ngLoadedV'),
        )),
    ...group(
      'dead',
      'Proof of dead',
      'After a shut-off, by those who may: the tester on a live source, every pair, the tester again.',
      ofPanel('meter', ...proofSteps(panel.system)),
    ),
    ...group('clamp', 'Currents', 'With loads on: legs, neutral, ground, pipes, each circuit.', [
      ...ofPanel('clamp', 'legA', 'legB', ...(three ? (['legC'] as const) : []), 'neutralA'),
      ...(panel.supply.place === 'first-disconnect' ? [] : ofPanel('clamp', 'groundA')),
      ...[...ofType('electrode'), ...ofType('pipe')].map(({ id }) =>
        slot(id, 'pipeCurrentA', 'clamp', thingWords(id, site)),
      ),
      ...terminals
        .filter(({ circuit }) => circuit)
        .map(({ ref, circuit }) =>
          slot(ref, 'loadCurrentA', 'clamp', `${breaker(ref)}, ${circuit!.name ?? 'circuit'}`),
        ),
    ]),
    ...group(
      'output',
      'Output of each breaker',
      'Handle on: load terminal to neutral, pole to pole, and what is lost in the breaker itself.',
      [
        ...terminals.map(({ ref }) => slot(ref, 'outputV', 'meter', breaker(ref))),
        ...panel.devices
          .filter((device) => !formOf(device.form).noHandle && device.height > 1)
          .map(({ id }) => slot(id, 'poleToPoleV', 'meter', `${breaker(id)}, pole to pole`)),
        ...terminals.map(({ ref }) =>
          slot(ref, 'acrossV', 'meter', `${breaker(ref)}, line to load of its own pole`),
        ),
      ],
    ),
    ...group(
      'ground',
      'Ground: continuity and earth',
      'With the supply off, or with an instrument made for it.',
      [
        slot(panel.id, 'continuityOhm', 'meter', `${panel.name} to the main bond`),
        ...ofType('pipe').map(({ id }) => slot(id, 'continuityOhm', 'meter', thingWords(id, site))),
        ...ofType('electrode').map(({ id }) =>
          slot(id, 'electrodeOhm', 'earth', thingWords(id, site)),
        ),
      ],
    ),
    ...group(
      'heat',
      'Temperature of like parts',
      'Under like load, at 40 % of rating or more.',
      [...lugsOf(panel), ...terminals.map(({ ref }) => ref)].map((ref) =>
        slot(ref, 'temperatureC', 'camera', thingWords(ref, site)),
      ),
    ),
    ...group(
      'tug',
      'Tug round',
      'Each wire at its screw, by those who may, where it was proven dead.',
      [
        ...terminals.filter(({ conductors }) => conductors.length > 0).map(({ ref }) => ref),
        ...panel.bars.flatMap((bar) =>
          bar.terminals.filter(({ conductors }) => conductors.length > 0).map(({ ref }) => ref),
        ),
      ].map((ref) => slot(ref, 'tightness', 'torque', thingWords(ref, site))),
    ),
    ...group(
      'torque',
      'Torque',
      'Where a qualified person re-makes a joint, proven dead.',
      [
        ...lugsOf(panel),
        ...[...(panel.main?.terminals ?? []), ...terminals].map(({ ref }) => ref),
        ...panel.bars.flatMap((bar) =>
          bar.terminals.filter(({ conductors }) => conductors.length > 0).map(({ ref }) => ref),
        ),
      ].map((ref) => slot(ref, 'torqueNm', 'torque', thingWords(ref, site))),
    ),
    ...group(
      'buttons',
      'Test buttons',
      'Ground-fault and arc-fault breakers: trips, resets.',
      panel.devices
        .filter((device) => isElectronic(device, reader))
        .map((device) => slot(device.id, 'testButton', 'meter', breaker(device.id))),
    ),
  ];
}
