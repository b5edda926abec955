import type { Entry, Json } from '../../record/entries/entry';
import { certainties } from '../../record/entries/entry';
import type { Fact } from '../../record/entries/inspection';
import type { Facts } from '../../record/entries/properties';
import { splitRef } from '../../record/entries/thing-types';
import type { SiteView } from '../../installation/panel/site-view';
import type { DeviceView, PanelView } from '../../installation/panel/views';
import { Changes } from '../recording/changes';
import type { Draft } from '../recording/draft';
import { observe } from '../recording/draft';
import type {
  CircuitContradiction,
  Contradiction,
  PositionContradiction,
  TakenBackContradiction,
  ValueSide,
} from './contradiction';

/**
 * What is recorded so that one side of a contradiction stands: entries of one action, which name what they replace.
 * Undefined: this side of it cannot be settled on by one entry.
 * @param side its place among the sides; of what was taken back 0 brings it back, 1 lets go what was recorded of it
 */
export function settle(
  contradiction: Contradiction,
  side: number,
  site: SiteView,
  entries: readonly Entry[],
): readonly Draft[] | undefined {
  switch (contradiction.kind) {
    case 'values':
    case 'presence': {
      const { about, property, sides } = contradiction;
      const chosen = sides[side];
      if (!chosen) return undefined;
      const drafts = stand(about, property, chosen, site);
      const isAway = contradiction.kind === 'presence' && chosen.value === true;
      return isAway ? [...offIt(about, site), ...drafts] : drafts;
    }
    case 'position':
      return contradiction.sides[side] && keepDevice(contradiction, side, site);
    case 'circuit':
      return contradiction.sides[side] && keepCircuit(contradiction, side, site);
    case 'taken-back':
      return side === 0 ? bringBack(contradiction) : letGo(contradiction, entries);
  }
}

/** The value again, known as surely as it was; of a state after a mend as of one. */
function stand(about: string, property: string, side: ValueSide, { reader }: SiteView): Draft[] {
  const facts = { [property]: side.value } satisfies Record<string, Json> as Facts;
  return [
    observe(reader, about, facts, surest(side.facts)),
    ...(side.mend === undefined ? [] : [observe(reader, side.mend, { mendStep: true })]),
  ];
}

/** What hangs on the screws of a thing that is not there hangs on them no longer. */
function offIt(thing: string, { reader }: SiteView): Draft[] {
  const isOn = (ref: string | null) => ref !== null && splitRef(ref).thing === thing;
  const changes = new Changes(reader);
  for (const fact of reader.ofAnything('landsOn'))
    if (isOn(fact.value)) changes.say(fact.about, { landsOn: null });
  for (const { about, value } of reader.ofAnything('terminals'))
    if (value.some(isOn)) changes.say(about, { terminals: value.filter((ref) => !isOn(ref)) });
  return changes.drafts;
}

const surest = (facts: readonly Fact[]) =>
  certainties.find((one) => facts.some(({ certainty }) => certainty === one)) ?? 'seen';

/** The other was the same one, recorded a second time: it goes with its wires and its circuits. */
function keepDevice(
  { panel, sides }: PositionContradiction,
  kept: number,
  site: SiteView,
): Draft[] {
  const changes = new Changes(site.reader);
  for (const [at, { device }] of sides.entries())
    if (at !== kept)
      for (const id of [device.id, ...cameWith(device, panel)]) changes.say(id, { removed: true });
  return changes.drafts;
}

/** Wires under its screws, the rest of their cables, and circuits that are on its screws alone. */
function cameWith(device: DeviceView, panel: PanelView): string[] {
  const mine = new Set(device.terminals.map(({ ref }) => ref));
  const wires = device.terminals.flatMap(({ conductors }) => conductors);
  const cables = new Set(wires.flatMap(({ cable }) => cable?.id ?? []));
  return [
    ...wires.map(({ id }) => id),
    ...panel.conductors.flatMap(({ id, cable }) => (cable && cables.has(cable.id) ? id : [])),
    ...cables,
    ...[...panel.circuits, ...panel.multiwires.map(asClaim)].flatMap(({ id, terminals }) =>
      terminals.length > 0 && terminals.every((ref) => mine.has(ref)) ? id : [],
    ),
  ];
}

const asClaim = ({ id, hots }: PanelView['multiwires'][number]) => ({
  id,
  terminals: hots.map(({ ref }) => ref),
});

function keepCircuit(
  { about, sides }: CircuitContradiction,
  kept: number,
  site: SiteView,
): Draft[] {
  const changes = new Changes(site.reader);
  for (const [at, { circuit }] of sides.entries())
    if (at !== kept)
      changes.say(circuit.id, { terminals: circuit.terminals.filter((ref) => ref !== about) });
  return changes.drafts;
}

const bringBack = ({ undone }: TakenBackContradiction): Draft[] =>
  [...new Set(undone.map(({ action }) => action))].map((undoes) => ({ kind: 'undo', undoes }));

/** Only actions that say nothing else are let go whole. */
function letGo(
  { writings }: TakenBackContradiction,
  entries: readonly Entry[],
): Draft[] | undefined {
  const lost = new Set(writings.map(({ id }) => id));
  const actions = new Set(writings.map(({ action }) => action));
  const whole = entries.every(({ id, action }) => !actions.has(action) || lost.has(id));
  return whole ? [...actions].map((undoes) => ({ kind: 'undo', undoes })) : undefined;
}
