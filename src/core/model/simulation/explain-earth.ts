import type { Explain, WhyHere } from './explain';
import { assumedWords } from './assumed-words';
import { ampsWords, voltsWords } from './figures';
import { faultA, solutionOf, voltsApart } from './questions';
import { siteNetwork } from './site-network';
import { solve } from './solve';
import { withBranches } from './network';
import { earth, joint } from './supply-branches';
import { tripBand } from './trip-band';

/** What a hot wire on the enclosure does where only earth brings the current back. */
export const explainEarth: Explain = ({ site, yardstick, panel, made }): WhyHere | undefined => {
  const feed = made.feeds.find(({ id }) => id === panel.id);
  if (!feed) return undefined;
  const away = feed.fromService ? `bond:${panel.id}` : `ground:${panel.id}`;
  const taken = siteNetwork(site, yardstick, {
    closed: { [away]: false, ...(!feed.fromService && { [`bond:${panel.id}`]: false }) },
  });
  const { network } = taken;
  const mended = siteNetwork(site, yardstick, { closed: { [away]: true } }).network;
  const [hot, metal] = [joint(panel.id, 'A'), joint(panel.id, 'G')];
  const amps = faultA(network, hot, metal);
  const cleared = faultA(mended, hot, metal);
  if (amps === undefined || cleared === undefined) return undefined;
  const standing = solutionOf(
    solve(
      withBranches(network, {
        id: 'fault',
        from: hot,
        to: metal,
        ohm: 0,
        kind: 'fault',
        words: 'fault',
      }),
    ),
  );
  const touchV = standing && voltsApart(standing, metal, earth);
  const ratings = panel.devices.flatMap(({ terminals }) =>
    terminals.flatMap(({ handleA }) => handleA ?? []),
  );
  const smallest = ratings.length > 0 ? Math.min(...ratings) : undefined;
  const opens = (current: number) =>
    smallest === undefined ? '' : `: ${tripBand(smallest, current, yardstick).words}`;
  const stays =
    touchV !== undefined && touchV > 1
      ? `, and the metal stays at ${voltsWords(touchV)} to earth`
      : '';
  return {
    sentence: `A hot wire that touches this enclosure drives ${ampsWords(amps)} by way of earth${opens(amps)}${stays}. With the way back made whole it would be ${ampsWords(cleared)}${opens(cleared)}.`,
    ends: ['supply', panel.name],
    lanes: [
      { words: 'by way of earth', amps, touchable: true },
      { words: 'way back by metal', amps: undefined, touchable: false },
    ],
    assumed: [panel.id, feed.from].flatMap((about) =>
      assumedWords(taken, about, ({ unit }) => unit === 'Ω' || unit === 'm'),
    ),
  };
};
