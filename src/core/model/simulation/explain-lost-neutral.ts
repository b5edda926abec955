import { systems } from '../../vocabulary/system';
import type { Leg } from '../../vocabulary/system';
import type { Explain, WhyHere } from './explain';
import { assumedWords } from './assumed-words';
import { voltsWords } from './figures';
import { ampsIn, solutionOf, voltsApart } from './questions';
import { siteNetwork } from './site-network';
import { solve } from './solve';
import { joint } from './supply-branches';

/** What the loads of each leg get once the neutral of the supply is gone. */
export const explainLostNeutral: Explain = ({
  site,
  yardstick,
  panel,
  made,
}): WhyHere | undefined => {
  const feed = made.feeds.find(({ id }) => id === panel.id);
  if (!feed) return undefined;
  const gone = feed.fromService ? `line-neutral:${feed.from}` : `neutral:${panel.id}`;
  const taken = siteNetwork(site, yardstick, { closed: { [gone]: false } });
  const { network } = taken;
  const sound = solutionOf(solve(made.network));
  const open = solutionOf(solve(network));
  if (!open || !sound) return undefined;
  const { legs } = systems[panel.system];
  const volts = (leg: Leg) => {
    const apart = voltsApart(open, joint(panel.id, leg), joint(panel.id, 'N'));
    return apart === undefined ? 'no path back' : voltsWords(apart);
  };
  const each = legs.map((leg) => `leg ${leg} ${volts(leg)}`).join(', ');
  const earthA = network.branches
    .filter(({ kind }) => kind === 'electrode')
    .reduce((most, { id }) => Math.max(most, ampsIn(open, id)), 0);
  const lanes = legs.map((leg) => ({
    words: `leg ${leg}, ${volts(leg)}`,
    amps: ampsIn(open, `hot:${panel.id}:${leg}`),
    touchable: false,
  }));
  return {
    sentence: `With the neutral gone and the loads taken here, the legs give ${each} instead of ${voltsWords(voltsApart(sound, joint(panel.id, 'A'), joint(panel.id, 'N')) ?? 0)}; what is on the higher one burns, and as things are switched on and off the figures change. The electrodes cannot hold the middle: they carry ${earthA.toFixed(1)} A.`,
    ends: [feed.fromService ? 'utility' : 'the panel above', panel.name],
    lanes: [...lanes, { words: 'neutral', amps: undefined, touchable: false }],
    assumed: assumedWords(taken, panel.id, ({ unit }) => unit === 'W'),
  };
};
