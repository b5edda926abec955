import { panelPlace } from '../places';
import { clear, defineRule, found, likelyNotSeen, notSeen, want } from '../rule';

/** An enclosure that carries a voltage to earth. A non-contact tester alone proves nothing. */
export const liveMetal = defineRule({
  id: 'enclosure/live-metal',
  title: 'Enclosure live to earth',
  stage: 2,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 5 },
  finds:
    'Thirty volts or more from the enclosure to earth on a loading meter: Danger now. A tingle, a tester that lights or a high-impedance meter is a sign; measure with a loading meter.',
  example: 'A meter enclosure 118 V to a rod in the earth, on a loading meter.',
  sources: [
    { code: '250.4(A)', says: 'enclosures kept at earth potential' },
    { code: '30 V', says: 'voltage to earth a body should not meet' },
  ],
  who: 'the utility and a licensed electrician',
  remedies: ['Shut off by the utility, then the lost bond or neutral found'],
  messages: {
    live: {
      short: '{volts} V from the enclosure to earth',
      seen: 'A loading meter reads {volts} V from the enclosure to earth.',
      why: 'Whoever touches the enclosure and the ground, or a tap, is part of the circuit at {volts} V.',
      ask: 'Keep everybody away from metal at the panel and call the utility today.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Enclosure to earth')],
  check(_, { site: { reader }, panel, yardstick }) {
    const volts = reader.fact(panel.id, 'enclosureToEarthV');
    const meter = reader.fact(panel.id, 'enclosureMeter');
    const touched = reader.fact(panel.building, 'metalTouched');
    const measure = want(
      panel.id,
      'enclosureToEarthV',
      'measure from the enclosure to earth with a loading meter',
    );
    if (volts && meter?.value === 'loading')
      return volts.value >= yardstick.liveMetalV
        ? found('live', { volts: volts.value }, [volts, meter], {
            danger: `${volts.value} V from the enclosure to earth`,
          })
        : clear(`${volts.value} V to earth`, volts, meter);
    const sign = [volts, touched].filter((fact) => fact && fact.value !== 'quiet');
    if (volts && meter?.value === 'high-impedance' && volts.value < yardstick.liveMetalV)
      return clear(`${volts.value} V to earth, without load`, volts);
    if (sign.length > 0) return likelyNotSeen(sign, measure);
    return notSeen(measure);
  },
});
