import type { PropertyName } from '../entries/properties';
import type { PanelView } from '../panel/views';
import { systems } from '../panel/system';
import type { Yardstick } from '../yardstick/yardstick';
import { deadBelowV, liveFromV } from './dead-proof';

/** Greatest continuity of a way to ground, Ω. */
export const continuousToOhm = 1;

/** Limits a reading is held against, in words, with where they come from. */
export interface Limits {
  words: string;
  source: string;
}

const strayWords = ({ strayA: { nothing, path } }: Yardstick) =>
  `under ${nothing} A nothing, to ${path} A on record, above: find the path`;

/** What is a good figure for this reading here. */
export function limitsOf(
  property: PropertyName,
  panel: PanelView,
  yardstick: Yardstick,
): Limits | undefined {
  const { legToLegV } = systems[panel.system];
  const { voltage, riseK, torqueTolerance, outputDropShare, singleRodOhm } = yardstick;
  const range = panel.supply.place === 'downstream' ? voltage.panel : voltage.service;
  const [a, b] = [range.a, range.b];
  const voltageSource = 'voltage standard, ranges A and B';
  if (property.startsWith('dead'))
    return { words: `below ${deadBelowV} V`, source: 'work practice' };
  if (property.startsWith('prove'))
    return { words: `a live source, ${liveFromV} V or more`, source: 'work practice' };
  switch (property) {
    case 'anV':
    case 'bnV':
    case 'cnV': {
      if (property === 'bnV' && panel.system === 'high-leg-delta')
        return { words: '197–218 V', source: voltageSource };
      const scale = panel.system === 'wye-480' ? 277 / 120 : 1;
      const of = (volts: number) => Math.round(volts * scale);
      return {
        words: `${of(a[0])}–${of(a[1])} V; tolerable ${of(b[0])}–${of(b[1])} V`,
        source: voltageSource,
      };
    }
    case 'abV':
    case 'bcV':
    case 'caV': {
      const scale = legToLegV / 120;
      const of = (volts: number) => Math.round(volts * scale);
      return {
        words: `${of(a[0])}–${of(a[1])} V; tolerable ${of(b[0])}–${of(b[1])} V`,
        source: voltageSource,
      };
    }
    case 'ngV':
      return panel.supply.place === 'downstream'
        ? { words: 'a little above 0 V under load', source: '250.142(B)' }
        : { words: 'near 0 V', source: '250.24' };
    case 'groundA':
    case 'pipeCurrentA':
      return { words: strayWords(yardstick), source: '250.6' };
    case 'loadCurrentA':
      return {
        words: `to ${yardstick.continuousShare * 100} % of the breaker for three hours, else to 100 %`,
        source: '210.20',
      };
    case 'outputV':
      return {
        words: `no more than ${outputDropShare * 100} % below the bus`,
        source: 'readings',
      };
    case 'temperatureC':
      return {
        words: `to ${riseK.look} K over its like; over ${riseK.mend} K mend now`,
        source: 'infrared survey practice',
      };
    case 'torqueNm':
      return { words: `the label’s figure ±${torqueTolerance * 100} %`, source: '110.14(D)' };
    case 'electrodeOhm':
      return { words: `to ${singleRodOhm} Ω for one rod alone`, source: '250.53' };
    case 'continuityOhm':
      return { words: `to ${continuousToOhm} Ω`, source: 'acceptance testing practice' };
    default:
      return undefined;
  }
}
