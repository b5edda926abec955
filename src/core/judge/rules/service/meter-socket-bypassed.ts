import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** A meter socket that feeds the load without its meter. */
export const meterSocketBypassed = defineRule({
  id: 'service/meter-socket-bypassed',
  title: 'Meter bypassed',
  stage: 2,
  hazards: ['shock', 'fire'],
  base: { severity: 4, likelihood: 5 },
  finds:
    'Jumpers across line and load of the socket, or a load side that is live with no meter in it.',
  example: 'Two strips of copper in an empty meter socket.',
  sources: [
    { code: 'the utility’s rules', says: 'the meter and its socket are the utility’s' },
    { code: '230.82', says: 'equipment on the supply side of the disconnect' },
  ],
  who: 'the utility',
  remedies: ['bypass-undone'],
  untilThen:
    'Until it is made safe: nobody touches the meter or its socket, however dead it looks; call the utility.',
  messages: {
    bypassed: {
      short: '{place}: jumped or bypassed',
      seen: '{place} is jumped or bypassed.',
      why: 'Live metal that nothing protects stands in an enclosure people think is only a meter.',
      ask: 'Touch nothing, keep everybody away, and call the utility today.',
    },
    live: {
      short: '{place}: load side live with no meter',
      seen: '{place} is empty, and its load side is live.',
      why: 'Another supply, or a hidden jumper, feeds wires everybody believes are dead.',
      ask: 'Touch nothing, keep everybody away, and call the utility today.',
    },
  },
  asks: 'meter',
  places: ({ around }) => around.meters,
  check(place, { site: { reader } }) {
    const state = reader.fact(place.ref, 'meterState');
    const live = reader.fact(place.ref, 'loadSideLive');
    if (!state) return notSeen(want(place.ref, 'meterState', 'look at the meter'));
    if (state.value === 'bypassed')
      return found('bypassed', {}, [state], { danger: 'meter jumped or bypassed' });
    if (state.value === 'in-place') return clear('in place', state);
    if (!live)
      return notSeen(want(place.ref, 'loadSideLive', 'have the load side of the socket tested'));
    return live.value
      ? found('live', {}, [state, live], { danger: 'load side live with no meter' })
      : clear('empty and dead', state, live);
  },
});
