import type { PropertyName } from '../../../record/entries/properties';
import { panelPlace } from '../../check/places';
import type { Want } from '../../check/rule';
import { wantsPlace } from '../../check/supply-place';
import {
  clear,
  defineRule,
  doesNotApply,
  likelyNotSeen,
  notSeen,
  present,
  want,
} from '../../check/rule';

/** 250.142(B); the older three-wire feeder to a separate building is permitted by 250.32(B) exception 1. */
export const bondDownstream = defineRule({
  id: 'ground/bond-downstream',
  title: 'Neutral joined to the enclosure again, downstream',
  stage: 9,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 3 },
  outsideListing: false,
  behindCover: true,
  finds:
    'A strap, a screw, or a neutral bar screwed to the can joins them. Permitted while untouched, and then clear, where every condition of the older three-wire feeder to a separate building is recorded. A condition nobody recorded leaves it not seen, shown as likely.',
  example: '`bond screw` in a boat shed fed by a four-wire feeder.',
  sources: [
    {
      code: '250.142(B)',
      says: 'no neutral-to-ground joint on the load side of the first disconnect',
    },
    { code: '250.32(B) exception 1', says: 'existing feeders to a separate building' },
  ],
  who: 'a licensed electrician',
  remedies: ['bond-undone', 'four-wire-feeder'],
  messages: {
    joined: {
      short: 'Neutral joined to the enclosure downstream',
      seen: 'This panel is downstream of the first disconnect, and its neutral is joined to the enclosure ({how}).',
      why: 'Part of the neutral current returns over ground wires, pipes and metal that people touch; if the feeder neutral opens, all of it does.',
      ask: 'A licensed check that the feeder has its own ground; only then may the bond be undone. Nobody should just remove it.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Bond')],
  check(place, { panel, site, yardstick }) {
    const { reader } = site;
    const { place: supply, fact: fed } = panel.supply;
    if (supply === 'first-disconnect') return doesNotApply('this panel holds the first disconnect');
    const bond = reader.fact(panel.id, 'bond');
    if (supply === 'unknown') return notSeen(wantsPlace(panel));
    const onCan = panel.bars
      .filter(({ kind }) => kind !== 'ground')
      .map(({ id }) => reader.fact(id, 'barMounting'))
      .find((fact) => fact?.value === 'on-can');
    if (!bond && !onCan)
      return notSeen(
        want(panel.id, 'bond', 'look for a strap or screw from neutral bar to enclosure'),
      );
    if (bond?.value === 'none' && !onCan) return clear('kept apart downstream', bond, fed);
    const joint = bond && bond.value !== 'none' ? bond : undefined;
    const how = joint ? (joinedBy[joint.value] ?? joint.value) : joinedBy['bar-in-can']!;

    const conditions = exceptionConditions.map((condition) => ({
      ...condition,
      fact: reader.fact(panel.id, condition.property),
    }));
    const year = reader.fact(panel.id, 'yearBuilt');
    const built = reader.fact(panel.building, 'yearBuilt');
    const newest = [year, built].find(
      (fact) => fact && fact.value >= yardstick.fourWireFeederSince,
    );
    const failed = conditions.find(
      ({ fact, permits }) => fact !== undefined && fact.value !== permits,
    );
    if (failed || newest)
      return {
        outcome: 'found',
        message: 'joined',
        data: { how },
        facts: present(joint, onCan, fed, failed?.fact, newest),
      };
    const wants: Want[] = conditions
      .filter(({ fact }) => !fact)
      .map(({ property, say }) => want(panel.id, property, say));
    if (!year) wants.push(want(panel.id, 'yearBuilt', 'find the year of the panel'));
    if (wants.length > 0) return likelyNotSeen([joint, onCan, fed], ...wants);
    return clear(
      'permitted while untouched: older feeder to a separate building, 250.32(B) exception 1',
      joint,
      onCan,
      fed,
      ...conditions.map(({ fact }) => fact),
    );
  },
});

const joinedBy: Record<string, string> = {
  strap: 'by a strap',
  screw: 'by a screw',
  'bar-in-can': 'neutral bar screwed to the enclosure',
};

const exceptionConditions = [
  { property: 'separateBuilding', permits: true, say: 'say whether this is a separate building' },
  {
    property: 'feederHasGround',
    permits: false,
    say: 'look whether the feeder has a ground of its own',
  },
  {
    property: 'metalPathBetween',
    permits: false,
    say: 'look for pipes or metal between the buildings',
  },
  {
    property: 'groundFaultUpstream',
    permits: false,
    say: 'look for ground-fault protection upstream',
  },
] as const satisfies readonly { property: PropertyName; permits: boolean; say: string }[];
