import type { Fact } from '../../../record/entries/inspection';
import { mmOf } from '../../../vocabulary/lengths';
import { conductorOhm } from '../../../codes/yardstick/conductor-ohm';
import type { Scene } from '../../check/rule';
import { legReadings } from '../../check/leg-readings';
import { panelPlace } from '../../check/places';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** Split-phase: the legs apart while the voltage across holds. */
export const lostNeutral = defineRule({
  id: 'reading/lost-neutral',
  title: 'Neutral lost or failing',
  stage: 10,
  hazards: ['damage', 'fire'],
  base: { severity: 4, likelihood: 5 },
  finds:
    'While the legs across hold 216 to 264 V, downstream with the feeder’s own expected drop taken off: more than 10 V between A and B to neutral, or one leg above 132 V, is a failing or lost neutral and Danger now; 5 to 10 V under load makes the neutral suspect. Figures that cannot be true together are to be read again.',
  example: '141 V on A, 99 V on B, 240 V across.',
  sources: [{ code: '250.24, readings', says: 'legs of a split-phase supply against each other' }],
  who: 'the utility and a licensed electrician',
  remedies: ['neutral-re-made'],
  untilThen:
    'Until it is made safe: unplug what is dear or delicate, leave heaters and cookers off at the appliance, touch no metal of the panel, and call the utility: its emergency line answers at night.',
  messages: {
    lost: {
      short: '{aV} V and {bV} V: the neutral is failing or lost',
      seen: 'Leg A reads {aV} V to neutral and leg {second} {bV} V, {acrossV} V across.',
      why: 'The neutral no longer holds the middle: goods on one leg get {highV} V now, and may get up to 240 V as loads change.',
      ask: 'The main switched off and the utility called today.',
    },
    suspect: {
      short: '{aV} V and {bV} V: the neutral is suspect',
      seen: 'Leg A reads {aV} V to neutral and leg {second} {bV} V under load, {acrossV} V across.',
      why: 'A joint in the neutral is going; when it goes, goods get up to 240 V.',
      ask: 'The neutral followed joint by joint, by the utility on its side.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Neutral of the supply')],
  check(_, scene) {
    const { neutralSuspectV, neutralLostV, legHighV, acrossHoldsV } = scene.yardstick;
    const read = legReadings(scene);
    if ('outcome' in read) return read;
    const { a, b, across, second, together } = read;
    if (
      together === 'difference' ||
      across.value < acrossHoldsV[0] ||
      across.value > acrossHoldsV[1]
    )
      return doesNotApply('the legs across do not hold: read the supply first');
    const drop = feederDrop(scene);
    const apart = Math.max(0, Math.abs(a.value - b.value) - (drop?.volts ?? 0));
    const dropFacts = drop?.facts ?? [];
    const more =
      drop || scene.panel.supply.place !== 'downstream'
        ? {}
        : {
            presumes: [
              'That the feeder’s own drop is small: its length, size and currents would tell, and are taken off once recorded.',
            ],
          };
    const highV = Math.max(a.value, b.value);
    const data = { aV: a.value, bV: b.value, acrossV: across.value, second, highV };
    if (apart > neutralLostV || highV > legHighV)
      return found('lost', data, [a, b, across, ...dropFacts], {
        danger: 'the neutral of the supply is failing or lost',
        ...more,
      });
    if (apart > neutralSuspectV)
      return found('suspect', data, [a, b, across, ...dropFacts], {
        ...more,
        base: { severity: 4, likelihood: 3, because: '5 to 10 V between the legs' },
      });
    const moved = movedUnderLoad(scene, a, b);
    if (moved?.want) return notSeen(moved.want);
    if (moved && moved.apart > neutralSuspectV) {
      const { facts, aV, bV, abV } = moved;
      const under = { ...data, aV, bV, acrossV: abV ?? across.value, highV: Math.max(aV, bV) };
      return moved.apart > neutralLostV
        ? found('lost', under, facts, {
            danger: 'the neutral of the supply gives way under load',
            ...more,
          })
        : found('suspect', under, facts, {
            ...more,
            base: { severity: 4, likelihood: 3, because: 'the unloaded leg rises under load' },
          });
    }
    return clear(
      `${rounded(apart)} V between the legs${drop && drop.volts > 0.05 ? ' beyond the feeder’s own drop' : ''}`,
      a,
      b,
      across,
      ...dropFacts,
    );
  },
});

/**
 * By how much the unloaded leg rises when a large load is switched on at the other, V: what the neutral
 * itself loses, whatever the loaded leg drops of its own. Undefined where neither was read.
 * @example 30 A over 0.05 Ω of a sound neutral: 1.5 V.
 */
function movedUnderLoad({ site: { reader }, panel }: Scene, a: Fact<number>, b: Fact<number>) {
  const [aLoaded, bLoaded] = [
    reader.fact(panel.id, 'anLoadedV'),
    reader.fact(panel.id, 'bnLoadedV'),
  ];
  if (panel.system !== 'split-phase' || (!aLoaded && !bLoaded)) return undefined;
  if (!aLoaded) return { want: want(panel.id, 'anLoadedV', 'measure A to neutral, the load on') };
  if (!bLoaded) return { want: want(panel.id, 'bnLoadedV', 'measure B to neutral, the load on') };
  return {
    want: undefined,
    apart: Math.max(aLoaded.value - a.value, bLoaded.value - b.value),
    aV: aLoaded.value,
    bV: bLoaded.value,
    abV: reader.value(panel.id, 'abLoadedV'),
    facts: [a, b, aLoaded, bLoaded],
  };
}

const rounded = (volts: number) => Math.round(volts * 10) / 10;

/**
 * By how much the legs of a sound feeder stand apart under these currents, V: the heavier leg loses
 * its own drop and the neutral's, the lighter gains the neutral's. Undefined where it is not a feeder
 * or was not measured.
 * @example 20 A apart on 30 m of 6 copper: 20 × 0.0483 × 3 = 2.9 V.
 */
function feederDrop({ site: { reader }, panel, yardstick }: Scene) {
  if (panel.supply.place !== 'downstream') return undefined;
  const facts = {
    length: reader.fact(panel.id, 'supplyLength'),
    size: reader.fact(panel.id, 'supplySize'),
    metal: reader.fact(panel.id, 'supplyMetal'),
    a: reader.fact(panel.id, 'legA'),
    b: reader.fact(panel.id, panel.system === 'high-leg-delta' ? 'legC' : 'legB'),
  };
  const { length, size, metal, a, b } = facts;
  if (!length || !size || !metal || !a || !b) return undefined;
  const mm = mmOf(length.value);
  const neutral = reader.fact(panel.id, 'supplyNeutralSize');
  const hotOhm = conductorOhm(yardstick, size.value, metal.value, mm);
  const neutralOhm = conductorOhm(yardstick, neutral?.value ?? size.value, metal.value, mm);
  return {
    volts: Math.abs(a.value - b.value) * (hotOhm + 2 * neutralOhm),
    facts: [...Object.values(facts), neutral] as (Fact | undefined)[],
  };
}
