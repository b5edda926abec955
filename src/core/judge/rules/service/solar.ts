import { listed } from '../../../vocabulary/phrases';
import type { Fact } from '../../../record/entries/inspection';
import type { Want } from '../../check/rule';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 705.11, 690.12, 690.56: solar and battery supplies. */
export const solar = defineRule({
  id: 'service/solar',
  title: 'Solar or battery supply without its switch or mark',
  stage: 3,
  hazards: ['shock', 'fire'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'A supply that comes in ahead of the main without a fused switch of its own within 3 m of the tap; since 2014, a solar supply without the mark that tells how it is shut down.',
  example: 'A tap from the meter to an inverter in the attic, no switch between.',
  sources: [
    { code: '705.11', says: 'sources on the supply side' },
    { code: '690.12', says: 'rapid shutdown' },
  ],
  remedies: ['fused-switch-at-tap'],
  messages: {
    'no-switch': {
      short: '{place}: {value}',
      seen: '{place}: {value}.',
      why: 'The wires between tap and roof have nothing that opens when they fail, and nothing that shuts them off for whoever puts a fire out.',
      ask: 'A fused switch at the tap, and the marks beside the main.',
    },
    'no-mark': {
      short: '{place}: how to shut it down is not marked',
      seen: 'How {place} is shut down is marked nowhere.',
      why: 'Whoever comes to a fire cannot know that wires from the roof stay live.',
      ask: 'The mark beside the main.',
    },
  },
  asks: 'source',
  places: ({ around }) => around.sources,
  check({ ref }, { site: { reader } }) {
    const kind = reader.fact(ref, 'sourceKind');
    if (!kind || kind.value === 'unknown')
      return notSeen(want(ref, 'sourceKind', 'read the kind of the second supply'));
    if (kind.value !== 'inverter' && kind.value !== 'battery')
      return doesNotApply('no solar or battery supply');
    const [wrong, facts, wants]: [string[], Fact[], Want[]] = [[], [kind], []];
    const tap = reader.fact(ref, 'sourceTap');
    if (!tap) wants.push(want(ref, 'sourceTap', 'see where it comes in'));
    else facts.push(tap);
    if (tap?.value === 'supply-side') {
      const own = reader.fact(ref, 'tapSwitch');
      if (!own) wants.push(want(ref, 'tapSwitch', 'look for its fused switch at the tap'));
      else facts.push(own);
      if (own?.value === 'none') wrong.push('no fused switch at the tap');
      if (own?.value === 'far') wrong.push('its fused switch is farther than 3 m from the tap');
    }
    const mark = reader.fact(ref, 'rapidShutdownMark');
    if (!mark) wants.push(want(ref, 'rapidShutdownMark', 'look for the mark of its shutdown'));
    else facts.push(mark);
    const unmarked = mark?.value === false;
    if (wrong.length > 0)
      return found(
        'no-switch',
        { value: listed([...wrong, ...(unmarked ? ['how to shut it down is not marked'] : [])]) },
        facts,
        { wants },
      );
    if (unmarked)
      return found('no-mark', {}, facts, {
        since: 2014,
        base: { severity: 2, likelihood: 2, because: 'a mark alone' },
        wants,
      });
    return wants.length > 0 ? notSeen(...wants) : clear('its switch and mark are there', ...facts);
  },
});
