import { panelPlace } from '../../check/places';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 110.15, 408.3(F): the high leg is orange or otherwise marked, and the panel says so. */
export const highLegUnmarked = defineRule({
  id: 'labels/high-leg-unmarked',
  title: 'High leg not marked',
  stage: 5,
  hazards: ['damage', 'fire'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'A 240 V delta with a high leg that is neither orange nor marked. Other systems have none.',
  example: 'A workshop panel whose B leg reads 208 V to neutral, all three legs black.',
  sources: [
    { code: '110.15', says: 'high leg orange' },
    { code: '408.3(F)', says: 'panel marked as having a high leg' },
  ],
  remedies: ['mark-high-leg'],
  messages: {
    unmarked: {
      short: 'High leg not marked',
      seen: 'Leg B of this panel is the high leg, 208 V to neutral, and is not marked.',
      why: 'A 120 V circuit put on leg B by mistake gets 208 V: lamps and appliances burn out.',
      ask: 'The high leg marked orange at every joint, and the panel marked.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'High leg')],
  check(_, { site: { reader }, panel }) {
    if (!panel.systemRead)
      return notSeen(want(panel.id, 'serviceSystem', 'read the voltage of the supply'));
    if (panel.system !== 'high-leg-delta') return doesNotApply('no high leg in this supply');
    const marked = reader.fact(panel.id, 'highLegMarked');
    if (!marked) return notSeen(want(panel.id, 'highLegMarked', 'look for orange on the high leg'));
    return marked.value ? clear('marked', marked) : found('unmarked', {}, [marked]);
  },
});
