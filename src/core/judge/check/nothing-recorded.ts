import type { Place } from './place';
import { panelPlace } from './places';
import type { Outcome, Want } from './outcome';
import type { Scene } from './scene';

/** What a rule looks at one by one, and what it answers once for its panel where none was recorded. */
interface Looked {
  label: string;
  recorded(scene: Scene): boolean;
  /** What would bring some to record; nothing where this panel is not asked. */
  wanted(scene: Scene): Want | undefined;
  /** Recorded in so many words that there are none. */
  none?(scene: Scene): string | undefined;
}

const ofPanel =
  (property: Want['property'], say: string) =>
  ({ panel }: Scene): Want => ({ about: panel.id, property, say });

/** Things outside are asked of the panel that answers for their building. */
const ofBuilding =
  (property: Want['property'], say: string) =>
  ({ around }: Scene): Want | undefined => {
    const [building] = around.buildings;
    return building && { about: building.ref, property, say };
  };

export const looked = {
  device: {
    label: 'Breakers and fuses',
    recorded: ({ places }) => places.allDevices.length > 0,
    wanted: ofPanel('rows', 'record what is at each position'),
  },
  fuse: {
    label: 'Fuses',
    recorded: ({ places }) => places.allDevices.length > 0,
    wanted: ofPanel('panelKind', 'see whether fuses are there'),
    none: ({ panel, site: { reader } }) =>
      reader.value(panel.id, 'panelKind') === 'breaker' ? 'a breaker panel' : undefined,
  },
  conductor: {
    label: 'Conductors',
    recorded: ({ panel }) => panel.conductors.length > 0,
    wanted: ofPanel('coverOpened', 'look at the conductors inside'),
  },
  cable: {
    label: 'Cables',
    recorded: ({ panel }) => panel.cables.length > 0,
    wanted: ofPanel('coverOpened', 'look at the cables that enter'),
  },
  circuit: {
    label: 'Circuits',
    recorded: ({ panel }) => panel.circuits.length > 0,
    wanted: ofPanel('directory', 'find what each breaker feeds'),
  },
  load: {
    label: 'Loads',
    recorded: () => false,
    wanted: ofPanel('loadsListed', 'find what each circuit feeds'),
    none: ({ panel, site: { reader } }) =>
      reader.value(panel.id, 'loadsListed')
        ? 'none of this kind among the loads listed'
        : undefined,
  },
  multiwire: {
    label: 'Shared neutrals',
    recorded: ({ panel }) => panel.multiwires.length > 0,
    wanted: ofPanel('sharedNeutrals', 'follow the neutrals: see whether hots share one'),
    none: ({ panel, site: { reader } }) =>
      reader.value(panel.id, 'sharedNeutrals') === 'none'
        ? 'each hot has a neutral of its own'
        : undefined,
  },
  neutral: {
    label: 'Neutral bar',
    recorded: ({ places }) =>
      places.barTerminals.some(({ terminal }) =>
        terminal.conductors.some(({ function: use }) => use?.value === 'neutral'),
      ),
    wanted: ofPanel('barKind', 'find where the neutrals land'),
  },
  ground: {
    label: 'Ground bar',
    recorded: ({ places }) =>
      places.barTerminals.some(({ terminal }) =>
        terminal.conductors.some(({ function: use }) => use?.value === 'ground'),
      ),
    wanted: ofPanel('barKind', 'find where the grounds land'),
  },
  meter: {
    label: 'Meter',
    recorded: ({ around }) => around.meters.length > 0,
    wanted: ofBuilding('meterState', 'look for the meter and its socket'),
  },
  electrode: {
    label: 'Electrodes',
    recorded: ({ around }) => around.electrodes.length > 0,
    wanted: ofBuilding('electrodeCount', 'look for every electrode of this building'),
    none: ({ around, site: { reader } }) =>
      around.buildings.some(({ ref }) => reader.value(ref, 'electrodeCount') === 0)
        ? 'no electrode there'
        : undefined,
  },
  source: {
    label: 'Second supply',
    recorded: ({ around }) => around.sources.length > 0,
    wanted: ofBuilding('otherSupply', 'look for a generator, solar or battery supply'),
    none: ({ around, site: { reader } }) =>
      around.buildings.some(({ ref }) => reader.value(ref, 'otherSupply') === false)
        ? 'no second supply'
        : undefined,
  },
} as const satisfies Record<string, Looked>;

export type LookedAt = keyof typeof looked;

/** The one answer of a rule that finds nothing of its kind at a panel: never silence. */
export function answerOnce(
  kind: LookedAt,
  scene: Scene,
  answer: (place: Place, outcome: Outcome) => void,
): void {
  const { label, recorded, wanted, none }: Looked = looked[kind];
  const because = none?.(scene) ?? (recorded(scene) ? 'none of this kind here' : undefined);
  const place = panelPlace(scene.panel, label);
  if (because) return answer(place, { outcome: 'does-not-apply', because });
  const want = wanted(scene);
  if (want) answer(place, { outcome: 'not-seen', wants: [want] });
}
