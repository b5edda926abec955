import { sizeWords } from '../../../installation/panel/words';
import { ampacityOf } from '../../../codes/yardstick/conductor-limit';
import { electrodeRow } from '../../../codes/yardstick/electrode-row';
import { compareSizes } from '../../../vocabulary/size';
import { panelPlace } from '../../check/places';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 220.61, 250.24(C): the neutral carries the unbalanced load, and a fault at the first disconnect. */
export const neutralUndersized = defineRule({
  id: 'conductor/neutral-undersized',
  title: 'Supply neutral too small',
  stage: 8,
  hazards: ['fire', 'damage'],
  base: { severity: 3, likelihood: 2 },
  behindCover: true,
  finds:
    'A service or feeder neutral below the calculated unbalanced load, or below the electrode conductor the service asks for. As large as the hots it is clear; smaller, the load is wanted.',
  example: 'A 100 A feeder with a 10 copper neutral.',
  sources: [
    { code: '220.61', says: 'feeder or service neutral load' },
    { code: '250.24(C)(1)', says: 'least size of the grounded service conductor' },
  ],
  remedies: ['larger-neutral'],
  messages: {
    load: {
      short: 'Neutral {conductor}, {limitA} A, unbalanced load {loadA} A',
      seen: 'The supply neutral is {conductor}, good for {limitA} A; the unbalanced load is calculated at {loadA} A.',
      why: 'No breaker watches the neutral: it can burn off, and then goods get up to 240 V.',
      ask: 'A neutral for the unbalanced load.',
    },
    least: {
      short: 'Neutral {conductor}, {least} copper or its like is the least',
      seen: 'The supply neutral is {conductor}; with these hots {least} is the least.',
      why: 'This neutral also returns a fault from the first disconnect; thin, it burns off before anything opens.',
      ask: 'A neutral of {least} at least.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Supply neutral')],
  check(_, { site: { reader }, panel, yardstick }) {
    const neutral = reader.fact(panel.id, 'supplyNeutralSize');
    const size = reader.fact(panel.id, 'supplySize');
    const metal = reader.fact(panel.id, 'supplyMetal');
    if (!neutral)
      return notSeen(want(panel.id, 'supplyNeutralSize', 'read the size of the supply neutral'));
    if (!size || !metal)
      return notSeen(want(panel.id, size ? 'supplyMetal' : 'supplySize', 'read the supply'));
    const conductor = sizeWords(neutral.value, metal.value);
    const sets = reader.value(panel.id, 'parallelSets');
    const least = electrodeRow(yardstick, size.value, metal.value, sets)[metal.value];
    if (panel.supply.place === 'first-disconnect' && compareSizes(neutral.value, least) < 0)
      return found('least', { conductor, least }, [neutral, size, metal]);
    if (compareSizes(neutral.value, size.value) >= 0)
      return clear('as large as the hots', neutral, size);
    const load = reader.fact(panel.id, 'unbalancedDemandA');
    if (!load) return notSeen(want(panel.id, 'unbalancedDemandA', 'calculate the unbalanced load'));
    const limitA = ampacityOf(yardstick, metal.value, neutral.value, 75) ?? 0;
    const facts = [neutral, size, metal, load];
    if (load.value > limitA) return found('load', { conductor, limitA, loadA: load.value }, facts);
    return clear(`${conductor} for ${load.value} A`, ...facts);
  },
});
