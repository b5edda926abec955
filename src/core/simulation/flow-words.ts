import type { Flow } from './flow';
import { ampsWords, voltsWords } from './figures';

/** What a network does, in sentences; what a kept what-if says of itself. */
export function flowWords({ nodes, touchable }: Flow): string {
  const legs = nodes
    .filter(({ legV }) =>
      legV.some(({ volts }) => volts !== undefined && (volts > 132 || volts < 108)),
    )
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
      : 'Every leg stands within 108 to 132 V to neutral, or has another voltage by its system.',
  ].join(' ');
}
