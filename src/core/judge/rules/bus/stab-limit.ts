import { formOf } from '../../../vocabulary/device-forms';
import type { PositionView } from '../../../installation/panel/views';
import { positionRef } from '../../../record/entries/thing-types';
import type { Place } from '../../check/place';
import { panelPlace } from '../../check/places';
import type { Outcome, Scene } from '../../check/rule';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

interface StabPlace extends Place {
  positions?: readonly PositionView[];
}

/** 110.3(B): two breakers opposite each other share a stab. */
export const stabLimit = defineRule<StabPlace>({
  id: 'bus/stab-limit',
  title: 'More on one stab than the label allows',
  stage: 6,
  hazards: ['fire'],
  base: { severity: 3, likelihood: 2 },
  outsideListing: true,
  finds:
    'Breakers opposite each other whose ratings together exceed what the label gives one stab.',
  example: 'Two 100 A breakers opposite each other on stabs of 140 A.',
  sources: [{ code: '110.3(B)', says: 'limit of a stab on the label' }],
  remedies: ['another-row'],
  messages: {
    over: {
      short: '{sumA} A on one stab, label {limitA} A',
      seen: 'The breakers at {numbers} share a stab and are {sumA} A together; the label gives one stab {limitA} A.',
      why: 'Both loads pass one tongue of metal no wider than a finger.',
      ask: 'One of the two breakers moved to another row.',
    },
  },
  places({ panel, site: { reader } }) {
    if (!reader.fact(panel.id, 'labelStabA')) return [panelPlace(panel, 'Stabs')];
    return Array.from({ length: panel.rows ?? 0 }, (_, index) => {
      const positions = panel.positions.filter((one) => one.row === index + 1);
      return {
        ref: positionRef(panel.id, 1, index + 1),
        label: `Stab at ${positions.map((one) => one.number).join(' and ')}`,
        related: positions.map((one) => one.ref),
        order: 100 + (positions[0]?.number ?? 0) * 4,
        positions,
      };
    });
  },
  check({ positions }, scene): Outcome {
    const { panel, site } = scene;
    const limit = site.reader.fact(panel.id, 'labelStabA');
    if (!limit || !positions)
      return notSeen(want(panel.id, 'labelStabA', 'read what the label gives one stab'));
    const loads = positions.map((position) => onStab(position, scene));
    const sumA = loads.reduce((sum, load) => sum + load.a, 0);
    const facts = [limit, ...loads.flatMap((load) => load.facts)];
    const numbers = positions.map((one) => one.number).join(' and ');
    if (sumA > limit.value) return found('over', { sumA, limitA: limit.value, numbers }, facts);
    const unread = loads.find((load) => load.unread);
    if (unread?.unread)
      return notSeen(want(unread.unread, 'handleRatingsA', 'read the rating on the handle'));
    const unrecorded = positions.find((one) => one.devices.length === 0 && !one.opening);
    if (unrecorded) return notSeen(want(unrecorded.ref, 'opening', 'say what is at the position'));
    return clear(`${sumA} A on one stab`, ...facts);
  },
});

/** A of the handles whose pole sits on a position. */
function onStab(position: PositionView, { site: { reader } }: Scene) {
  let [a, unread] = [0, undefined as string | undefined];
  const facts = [];
  for (const device of position.devices) {
    if (formOf(device.form).noHandle) continue;
    for (const terminal of device.terminals.filter((one) => one.row === position.row))
      if (terminal.handleA === undefined) unread = device.id;
      else a += terminal.handleA;
    facts.push(reader.fact(device.id, 'handleRatingsA'));
  }
  return { a, unread, facts: facts.filter((fact) => fact !== undefined) };
}
