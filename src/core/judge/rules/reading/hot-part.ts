import type { Fact } from '../../../record/entries/inspection';
import { leastRatedA } from '../../check/least-rated';
import type { Place } from '../../check/place';
import { panelPlace } from '../../check/places';
import type { TerminalPlace } from '../../check/places';
import type { Scene } from '../../check/rule';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** Like parts under like load, compared by temperature: the infrared survey table. */
export const hotPart = defineRule<Place & Partial<Pick<TerminalPlace, 'terminal'>>>({
  id: 'reading/hot-part',
  title: 'Part hotter than its like',
  stage: 10,
  hazards: ['fire'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'A terminal hotter than another of the same form and protection under like load, both at 40 % of rating or more: over 3 K probable deficiency, over 15 K mend now. Electronic breakers are compared with electronic ones.',
  example: 'Breaker 7 at 61 °C, breaker 9 at 38 °C, both with 14 A.',
  sources: [
    { code: 'infrared survey practice', says: 'rise over a similar part under similar load' },
  ],
  remedies: ['joint-and-breaker-renewed', 'measured-again'],
  remediesInOrder: true,
  messages: {
    warm: {
      short: '{place}: {rise} K over its like',
      seen: '{place} is {rise} K hotter than {like}, both under like load ({percent} % of rating).',
      why: 'The same load warms this joint more than that one: it grips worse.',
      ask: 'The joint looked at with the supply off and measured again.',
    },
    hot: {
      short: '{place}: {rise} K over its like',
      seen: '{place} is {rise} K hotter than {like}, both under like load ({percent} % of rating).',
      why: 'This joint is failing under the load it carries every day.',
      ask: 'The circuit’s load taken off and the joint mended now.',
    },
  },
  places: ({ places, panel, site: { reader } }) => {
    const measured = places.terminals.filter(({ ref }) => reader.fact(ref, 'temperatureC'));
    return measured.length > 0 ? measured : [panelPlace(panel, 'Like parts under load')];
  },
  check(place, scene) {
    const { reader } = scene.site;
    const own = place.terminal && readingOf(place as TerminalPlace, scene);
    if (!place.terminal || !own) return measureLikeParts(scene);
    if (!own.load || own.share === undefined)
      return notSeen(want(place.ref, 'loadCurrentA', 'clamp its load at the same time'));
    if (own.share < scene.yardstick.likeLoadShare)
      return notSeen(want(place.ref, 'temperatureC', 'measure again at 40 % of rating or more'));
    const likes = scene.places.terminals.flatMap((other) => {
      if (other.ref === place.ref || other.terminal.device === place.terminal!.device) return [];
      const reading = readingOf(other, scene);
      const alike =
        reading?.load &&
        reading.share !== undefined &&
        reading.share >= scene.yardstick.likeLoadShare &&
        Math.abs(reading.share - own.share!) <= 0.2 &&
        other.terminal.device.form === place.terminal!.device.form &&
        reader.value(other.terminal.device.id, 'protection') ===
          reader.value(place.terminal!.device.id, 'protection');
      return alike ? [{ other, reading }] : [];
    });
    if (likes.length === 0)
      return notSeen(want(place.ref, 'temperatureC', 'measure a like part under like load'));
    const coolest = likes.reduce((a, b) =>
      b.reading.temperature.value < a.reading.temperature.value ? b : a,
    );
    const rise = own.temperature.value - coolest.reading.temperature.value;
    const facts = [own.temperature, own.load, coolest.reading.temperature, coolest.reading.load];
    const { look, mend } = scene.yardstick.riseK;
    if (rise <= look) return clear(`${rise.toFixed(0)} K over its like`, ...facts);
    const data = {
      rise: rise.toFixed(0),
      like: coolest.other.label,
      percent: Math.round(own.share * 100),
    };
    return rise > mend
      ? found('hot', data, facts, {
          base: { severity: 4, likelihood: 4, because: 'over 15 K above its like' },
        })
      : found('warm', data, facts, {
          base: { severity: 3, likelihood: 3, because: '4 to 15 K above its like' },
        });
  },
});

const measureLikeParts = ({ places, panel }: Scene) =>
  notSeen(
    want(
      places.terminals[0]?.ref ?? panel.id,
      places.terminals[0] ? 'temperatureC' : 'rows',
      'measure like parts under like load',
    ),
  );

function readingOf({ terminal, ref }: TerminalPlace, { site: { reader }, yardstick }: Scene) {
  const temperature = reader.fact(ref, 'temperatureC');
  if (!temperature) return undefined;
  const load = reader.fact(ref, 'loadCurrentA') as Fact<number> | undefined;
  const ratedA = leastRatedA(yardstick, terminal);
  return { temperature, load, share: load && ratedA ? load.value / ratedA : undefined };
}
