import { neutralAmps } from '../../measure/load/neutral-amps';
import type { SiteView } from '../../installation/panel/site-view';
import type { PanelView, TerminalView } from '../../installation/panel/views';
import { circuitLoadA } from '../../measure/load/circuit-load';
import type { Yardstick } from '../../codes/yardstick/yardstick';
import type { Explain, WhyHere } from './explain';
import { ampsWords, voltsWords } from './figures';

const legToLegV = 240;

/** What two loads get that are left in series when their neutral is lifted: the lighter one the more. */
function liftedWords(
  site: SiteView,
  panel: PanelView,
  yardstick: Yardstick,
  one: TerminalView,
  other: TerminalView,
): string {
  const [a, b] = [one, other].map(
    ({ circuit }) => circuit && circuitLoadA(site, panel, circuit, yardstick)?.a,
  );
  if (a && b)
    return `lifted under the loads recorded, ${one.label} would get ${voltsWords((legToLegV * b) / (a + b))} and ${other.label} ${voltsWords((legToLegV * a) / (a + b))}.`;
  return `lifted under load, the lighter load gets the more: 1200 W and 150 W, as an example, would get ${voltsWords(legToLegV * (150 / 1350))} and ${voltsWords(legToLegV * (1200 / 1350))}.`;
}

/** What a shared neutral carries when both circuits are loaded to their breakers, and when it opens. */
export const explainSharedNeutral: Explain = ({
  panel,
  place,
  site,
  yardstick,
}): WhyHere | undefined => {
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
  const amps = neutralAmps(loaded, panel.system);
  const all = loaded.every(({ measured }) => measured !== undefined);
  const by = all ? 'with the currents measured' : 'with each loaded to its breaker';
  const sentence =
    one.leg === other.leg
      ? `Both circuits are on leg ${one.leg}: ${by}, their neutral carries ${ampsWords(amps)}, the sum, and no breaker watches it.`
      : `On different legs the neutral carries ${ampsWords(amps)}, ${by}. With one switched off it carries ${ampsWords(Math.max(...loaded.map((each) => each.amps)))}; ${liftedWords(site, panel, yardstick, one, other)}`;
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
