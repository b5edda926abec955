import type { PropertyName } from '../../record/entries/properties';
import { nmOf, torqueOnLabel, torqueText } from '../../installation/panel/torque';
import type { FactReader } from '../../record/entries/fact-reader';
import type { PanelView } from '../../installation/panel/views';
import type { VoltageReading } from '../../codes/yardstick/voltage-limits';
import { voltageLimits, voltageReadings } from '../../codes/yardstick/voltage-limits';
import type { Yardstick } from '../../codes/yardstick/yardstick';

/** Limits a reading is held against, in figures and in words, with where they come from. */
export interface Limits {
  words: string;
  source: string;
  /** In the unit of the property; torque in N·m. Beyond them no reading is good. */
  least?: number;
  most?: number;
}

export interface Asked {
  about: string;
  property: PropertyName;
}

const voltageSource = 'voltage standard, ranges A and B';

/** What is a good figure for this reading here; the rule that judges it reads the same figures. */
export function limitsOf(
  { about, property }: Asked,
  panel: PanelView,
  reader: FactReader,
  yardstick: Yardstick,
): Limits | undefined {
  const { deadBelowV, liveFromV } = yardstick;
  if (property.startsWith('dead'))
    return { words: `below ${deadBelowV} V`, source: 'work practice', most: deadBelowV };
  if (property.startsWith('prove'))
    return {
      words: `a live source, ${liveFromV} V or more`,
      source: 'work practice',
      least: liveFromV,
    };
  if (property in voltageReadings)
    return voltageWords(property as VoltageReading, panel, yardstick);
  switch (property) {
    case 'ngV':
      return panel.supply.place === 'downstream'
        ? {
            words: `a little above 0 V under load, what the feeder neutral loses; to ${yardstick.neutralSuspectV} V`,
            source: '250.142(B)',
            most: yardstick.neutralSuspectV,
          }
        : { words: 'near 0 V', source: '250.24' };
    case 'groundA':
    case 'pipeCurrentA':
      return strayLimits(about, panel, reader, yardstick);
    case 'loadCurrentA': {
      const ratingA = panel.terminals.get(about)?.handleA;
      return {
        words: `to ${yardstick.continuousShare * 100} % of the breaker for three hours, else to 100 %`,
        source: '210.20',
        ...(ratingA !== undefined && { most: ratingA }),
      };
    }
    case 'outputV':
    case 'poleToPoleV':
    case 'acrossV':
      return outputLimits({ about, property }, panel, reader, yardstick);
    case 'temperatureC':
      return {
        words: `to ${yardstick.riseK.look} K over its like; over ${yardstick.riseK.mend} K mend now`,
        source: 'infrared survey practice',
      };
    case 'torqueNm': {
      const label = torqueOnLabel(about, panel, reader);
      const tolerance = yardstick.torqueTolerance;
      return {
        words: `${label ? torqueText(label.value) : 'the label’s figure'} ±${tolerance * 100} %`,
        source: '110.14(D)',
        ...(label && {
          least: nmOf(label.value) * (1 - tolerance),
          most: nmOf(label.value) * (1 + tolerance),
        }),
      };
    }
    case 'electrodeOhm':
      return {
        words: `to ${yardstick.singleRodOhm} Ω for one rod alone`,
        source: '250.53',
        most: yardstick.singleRodOhm,
      };
    case 'continuityOhm':
      return {
        words: `to ${yardstick.continuousToOhm} Ω`,
        source: 'acceptance testing practice',
        most: yardstick.continuousToOhm,
      };
    default:
      return undefined;
  }
}

function voltageWords(property: VoltageReading, panel: PanelView, yardstick: Yardstick): Limits {
  const downstream = panel.supply.place === 'downstream';
  const { a, b } = voltageLimits(yardstick, panel.system, property, downstream);
  const range = ([low, high]: [number, number]) => `${Math.round(low)}–${Math.round(high)} V`;
  return {
    words: a[0] === b[0] && a[1] === b[1] ? range(a) : `${range(a)}; tolerable ${range(b)}`,
    source: voltageSource,
    least: a[0],
    most: a[1],
  };
}

function strayLimits(
  about: string,
  panel: PanelView,
  reader: FactReader,
  { strayA, streetMainShare }: Yardstick,
): Limits {
  const { nothing, path } = strayA;
  const words = `under ${nothing} A nothing, to ${path} A on record, above: find the path`;
  const neutralA = reader.value(panel.id, 'neutralA');
  const street =
    panel.supply.place === 'first-disconnect' &&
    reader.value(about, 'electrodeKind') === 'water-pipe' &&
    neutralA !== undefined;
  if (!street) return { words, source: '250.6', most: nothing };
  const usualA = neutralA * streetMainShare;
  return {
    words: `${words}; to a street main ${usualA.toFixed(1)} A is usual here`,
    source: '250.6',
    most: Math.max(nothing, usualA),
  };
}

/** What the bus gives at a device, V; undefined where it was not read. */
export function busV(
  { about, property }: Asked,
  panel: PanelView,
  reader: FactReader,
): number | undefined {
  if (property === 'poleToPoleV') {
    const device = panel.devices.find(({ id }) => id === about);
    const legs = new Set(device?.terminals.map(({ leg }) => leg));
    const pair = (['abV', 'bcV', 'caV'] as const).find((name) =>
      voltageReadings[name].legs.every((leg) => legs.has(leg)),
    );
    return pair && reader.value(panel.id, pair);
  }
  const leg = panel.terminals.get(about)?.leg;
  return leg && reader.value(panel.id, ({ A: 'anV', B: 'bnV', C: 'cnV' } as const)[leg]);
}

function outputLimits(
  asked: Asked,
  panel: PanelView,
  reader: FactReader,
  { outputDropShare }: Yardstick,
): Limits {
  const bus = busV(asked, panel, reader);
  if (asked.property === 'acrossV')
    return {
      words: `near 0 V; no more than ${outputDropShare * 100} % of the bus`,
      source: 'readings',
      ...(bus !== undefined && { most: bus * outputDropShare }),
    };
  return {
    words: `no more than ${outputDropShare * 100} % below the bus`,
    source: 'readings',
    ...(bus !== undefined && { least: bus * (1 - outputDropShare) }),
  };
}
