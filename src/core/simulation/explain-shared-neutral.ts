import { neutralAmps } from '../load/neutral-amps';
import type { Explain, WhyHere } from './explain';
import { ampsWords, voltsWords } from './figures';

/** What a shared neutral carries when both circuits are loaded to their breakers, and when it opens. */
export const explainSharedNeutral: Explain = ({ panel, place, site }): WhyHere | undefined => {
  const multiwire = panel.multiwires.find(
    ({ id, hots }) => id === place.ref || hots.some(({ ref }) => ref === place.ref),
  );
  if (!multiwire || panel.system !== 'split-phase') return undefined;
  const [one, other] = multiwire.hots;
  if (!one || !other) return undefined;
  const loaded = multiwire.hots.map((hot) => {
    const measured = site.reader.value(hot.ref, 'loadCurrentA');
    return { hot, leg: hot.leg, amps: measured ?? hot.handleA ?? 15, measured };
  });
  const amps = neutralAmps(loaded);
  const all = loaded.every(({ measured }) => measured !== undefined);
  const by = all ? 'with the currents measured' : 'with each loaded to its breaker';
  const sentence =
    one.leg === other.leg
      ? `Both circuits are on leg ${one.leg}: ${by}, their neutral carries ${ampsWords(amps)}, the sum, and no breaker watches it.`
      : `On different legs the neutral carries ${ampsWords(amps)}, ${by}. With one switched off it carries ${ampsWords(Math.max(...loaded.map((each) => each.amps)))}; lifted under load, 1200 W and 150 W left in series would get ${voltsWords(240 * (150 / 1350))} and ${voltsWords(240 * (1200 / 1350))}.`;
  return {
    sentence,
    ends: [panel.name, multiwire.hots.map(({ label }) => label).join(' and ')],
    lanes: [
      ...loaded.map(({ hot, amps: a }) => ({
        words: `${hot.label}, leg ${hot.leg}`,
        amps: a,
        touchable: false,
      })),
      { words: 'shared neutral', amps, touchable: false },
    ],
    assumed: all ? [] : ['each circuit loaded to its breaker: not measured'],
  };
};
