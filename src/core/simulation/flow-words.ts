import { systems } from '../panel/system';
import type { Flow } from './flow';
import { ampsWords, voltsWords } from './figures';

/** Share of its nominal voltage a leg may be off before it is named. */
const offShare = 0.1;

/** What a network does, in sentences; what a kept what-if says of itself. */
export function flowWords({ nodes, touchable }: Flow): string {
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
  return [
    metal.length > 0
      ? `Metal that people touch carries current: ${metal.join(', ')}.`
      : 'No metal that people touch carries current.',
    legs.length > 0
      ? `Out of its range: ${legs.join('; ')}.`
      : 'Every leg stands within 10 % of its voltage to neutral.',
  ].join(' ');
}
