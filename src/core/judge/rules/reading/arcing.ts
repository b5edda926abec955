import type { Fact } from '../../../record/entries/inspection';
import { splitRef } from '../../../record/entries/thing-types';
import { thingWords } from '../../../installation/panel/thing-words';
import type { Place } from '../../check/place';
import { panelPlace } from '../../check/places';
import type { Scene } from '../../check/rule';
import { clear, defineRule, found, likelyNotSeen, notSeen, want } from '../../check/rule';

/** Arcing seen, or crackling heard. A smell alone is a sign of heat to follow; plain hum is nothing. */
export const arcing = defineRule({
  id: 'reading/arcing',
  title: 'Arcing',
  stage: 2,
  hazards: ['fire', 'arc flash'],
  base: { severity: 4, likelihood: 5 },
  finds:
    'Arcing seen anywhere at the panel, or crackling heard: Danger now. A warm or burnt smell alone is a sign of heat to be followed; plain hum is nothing. What was heard at one panel is no danger of another.',
  example: 'A crackle behind the cover that follows the kettle.',
  sources: [{ code: '110.12(B), 110.27', says: 'no arcing parts' }],
  remedies: ['place-found'],
  untilThen:
    'Until it is made safe: stay away from the panel. At smoke or flame leave the building and call the fire service; say that it is electrical.',
  messages: {
    arcs: {
      short: 'Arcing: {where}',
      seen: 'Arcing was seen or heard: {where}.',
      why: 'Metal is burning in there at this moment.',
      ask: 'Stand back, shut off if it can be done safely from outside, and call a licensed electrician and, for smoke, the fire service.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Listening at the panel')],
  check(_, scene) {
    const { site, panel } = scene;
    const seen = arcingSeen(scene);
    const listened = heardAt(scene);
    if (seen.length > 0)
      return found(
        'arcs',
        { where: seen.map((fact) => thingWords(fact.about, site)).join(', ') },
        seen,
        {
          danger: 'arcing seen or heard',
        },
      );
    if (listened?.value === 'crackle')
      return found('arcs', { where: 'crackling' }, [listened], { danger: 'crackling heard' });
    if (listened?.value === 'smell')
      return likelyNotSeen(
        [listened],
        want(panel.id, 'listened', 'follow the smell to its source'),
      );
    if (!listened) return notSeen(want(panel.id, 'listened', 'listen and smell before touching'));
    return clear(listened.value === 'hum' ? 'plain hum' : 'quiet', listened);
  },
});

/** What was heard at this panel; what was said of the building as a whole counts at its first panel. */
function heardAt({ site: { reader }, panel, around }: Scene) {
  const own = reader.fact(panel.id, 'listened');
  const ofBuilding = around.buildings.some(({ ref }) => ref === panel.building)
    ? reader.fact(panel.building, 'listened')
    : undefined;
  return own?.value === 'crackle' || !ofBuilding
    ? own
    : ofBuilding.value === 'quiet'
      ? (own ?? ofBuilding)
      : ofBuilding;
}

/** Wherever it was recorded: at the panel, at anything in it down to a screw, or at what this panel answers for. */
function arcingSeen({ site: { reader }, panel, around }: Scene): Fact[] {
  const { things } = reader.inspection;
  const outside = new Set(
    (Object.values({ ...around, buildings: [] }) as (readonly Place[])[]).flatMap((places) =>
      places.map(({ ref }) => ref),
    ),
  );
  const here = (about: string): boolean => {
    let at: string | null | undefined = splitRef(about).thing;
    while (at) {
      if (at === panel.id || outside.has(at)) return true;
      const type: string | undefined = things.get(at)?.type;
      at = type === 'building' || type === 'panel' ? undefined : things.get(at)?.in;
    }
    return false;
  };
  return reader.ofAnything('arcing').filter(({ about, value }) => value && here(about)) as Fact[];
}
