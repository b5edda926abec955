import { capital } from '../../vocabulary/phrases';
import { systems } from '../../vocabulary/system';
import type { Flow } from './flow';
import { ampsWords, voltsWords } from './figures';

/** Share of its nominal voltage a leg may be off before it is named. */
const offShare = 0.1;

/** What a network does, in sentences; what a kept what-if says of itself. What can be touched comes first. */
export function flowWords({ nodes, touchable, live, starved }: Flow): string {
  const legs = nodes
    .filter(({ feed, legV }) => {
      const nominal: Partial<Record<string, number>> = systems[feed.system].legToNeutralV;
      return legV.some(
        ({ leg, volts }) =>
          volts === undefined || Math.abs(volts - nominal[leg]!) > offShare * nominal[leg]!,
      );
    })
    .map(
      ({ feed, legV }) =>
        `${feed.name}: ${legV.map(({ leg, volts }) => `${leg} ${volts === undefined ? 'has no path back' : voltsWords(volts)}`).join(', ')}`,
    );
  const metal = touchable
    .slice(0, 4)
    .map(({ branch, amps }) => `${ampsWords(amps)} on the ${branch.words}`);
  const adrift = nodes.filter(({ touchV }) => touchV === undefined).map(({ feed }) => feed.name);
  return [
    ...(live.length > 0
      ? [
          `Touching it can kill: ${live.map(({ words, volts }) => `${words} at ${voltsWords(volts)} to earth`).join('; ')}.`,
        ]
      : []),
    ...(adrift.length > 0
      ? [
          `${capital(adrift.join(', '))}: the enclosure has no way to earth, so no voltage of it is known; treat it as live.`,
        ]
      : []),
    metal.length > 0
      ? `Metal that people touch carries current: ${metal.join(', ')}.`
      : live.length > 0 || adrift.length > 0
        ? ''
        : 'No metal that people touch carries current.',
    ...(starved.length > 0
      ? [
          `Loads on an open or failing shared neutral: ${starved.map(({ words, volts, nominalV }) => `${words} gets ${voltsWords(volts)} instead of ${nominalV} V`).join(', ')}.`,
        ]
      : []),
    legs.length > 0
      ? `Out of its range: ${legs.join('; ')}.`
      : 'Every leg stands within 10 % of its voltage to neutral.',
  ]
    .filter(Boolean)
    .join(' ');
}
