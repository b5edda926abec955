import { panelPlace } from '../../check/places';
import { clear, defineRule, found, likelyNotSeen, notSeen, want } from '../../check/rule';

/** An enclosure that carries a voltage to earth. A non-contact tester alone proves nothing. */
export const liveMetal = defineRule({
  id: 'enclosure/live-metal',
  title: 'Enclosure live to earth',
  stage: 2,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 5 },
  finds:
    'Thirty volts or more from the enclosure to earth on a loading meter, or a tingle felt by the inspector: Danger now. A shock told by others, a tester that lights or a high-impedance meter is a sign: not seen, likely, until it is measured with a loading meter.',
  example: 'A meter enclosure 118 V to a rod in the earth, on a loading meter.',
  sources: [
    { code: '250.4(A)', says: 'enclosures kept at earth potential' },
    { code: '30 V', says: 'voltage to earth a body should not meet' },
  ],
  who: 'the utility and a licensed electrician',
  remedies: ['lost-bond-found'],
  untilThen:
    'Until it is made safe: nobody touches metal at the panel, taps, pipes or appliances with metal cases; nobody baths or showers; children and animals stay away. Where somebody was hurt, call the emergency number.',
  messages: {
    tingle: {
      short: 'A tingle was felt at the metal',
      seen: 'The inspector felt a tingle at the metal here; no meter was needed to feel it.',
      why: 'Metal that can be felt stands at a voltage to earth: whoever touches it with wet hands, or a tap with the other, may not be able to let go.',
      ask: 'Keep everybody away from metal at the panel and from taps and pipes; call the utility today.',
    },
    live: {
      short: '{volts} V from the enclosure to earth',
      seen: 'A loading meter reads {volts} V from the enclosure to earth.',
      why: 'Whoever touches the enclosure and the ground, or a tap, is part of the circuit at {volts} V.',
      ask: 'Keep everybody away from metal at the panel and call the utility today.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Enclosure to earth')],
  check(_, { site: { reader, site }, panel, yardstick }) {
    const volts = reader.fact(panel.id, 'enclosureToEarthV');
    const meter = reader.fact(panel.id, 'enclosureMeter');
    const touched = [panel.id, panel.building]
      .map((about) => reader.fact(about, 'metalTouched'))
      .find((fact) => fact);
    const told = site ? reader.fact(site, 'symptoms') : undefined;
    const measure = want(
      panel.id,
      'enclosureToEarthV',
      'measure from the enclosure to earth with a loading meter',
    );
    if (touched?.value === 'tingle' && touched.certainty !== 'told')
      return found('tingle', {}, [touched, volts, meter], {
        base: { severity: 4, likelihood: 4, because: 'felt by the inspector' },
        danger: 'a tingle was felt at the metal',
      });
    if (volts && meter?.value === 'loading')
      return volts.value >= yardstick.liveMetalV
        ? found('live', { volts: volts.value }, [volts, meter], {
            danger: `${volts.value} V from the enclosure to earth`,
          })
        : clear(`${volts.value} V to earth`, volts, meter);
    const shocks = told?.value.includes('shocks') ? told : undefined;
    const sign = [volts, touched, shocks].filter((fact) => fact && fact.value !== 'quiet');
    if (
      volts &&
      meter?.value === 'high-impedance' &&
      volts.value < yardstick.liveMetalV &&
      (!touched || touched.value === 'quiet') &&
      !shocks
    )
      return clear(`${volts.value} V to earth, without load`, volts);
    if (sign.length > 0) return likelyNotSeen(sign, measure);
    return notSeen(measure);
  },
});
