import type { Explain, WhyHere } from './explain';
import { assumedWords } from './assumed-words';
import { ampsWords } from './figures';
import type { Branch } from './network';
import { without } from './network';
import { ampsIn, solutionOf, touchableCurrents } from './questions';
import { siteNetwork } from './site-network';
import { solve } from './solve';

const returning = ['neutral', 'ground', 'raceway', 'pipe'] as const;

/** Where the neutral current of a panel downstream returns, with its second joint as recorded or suspected. */
export const explainBond: Explain = ({ site, yardstick, panel, made }): WhyHere | undefined => {
  const feed = made.feeds.find(({ id }) => id === panel.id);
  if (!feed || feed.fromService) return undefined;
  // A joint that was looked for and is not there stays out; one not looked for is taken as there, and said.
  const bond = site.reader.value(panel.id, 'bond');
  const taken = siteNetwork(site, yardstick, {
    closed: bond === undefined ? { [`bond:${panel.id}`]: true } : {},
  });
  const { network } = taken;
  const ways = returning.flatMap(
    (kind) => network.branches.find(({ id }) => id === `${kind}:${panel.id}`) ?? [],
  );
  const solution = solutionOf(solve(network));
  const broken = without(network, `neutral:${panel.id}`);
  const open = solutionOf(solve(broken));
  if (!solution || !open) return undefined;
  const amps = (one: Branch) => ampsIn(solution, one.id);
  const inNeutral = amps(ways[0]!);
  const others = ways.filter(({ kind }) => kind !== 'neutral');
  const astray = others.reduce((sum, one) => sum + amps(one), 0);
  if (astray < 0.01) return undefined;
  const lost = touchableCurrents(broken, open)
    .filter(({ branch }) => others.includes(branch))
    .reduce((sum, one) => sum + one.amps, 0);
  const measured = site.reader.value(panel.id, 'groundA');
  const upper = site.panels.find(({ id }) => id === feed.from)?.name ?? 'the disconnect';
  const split = others.map((one) => `${ampsWords(amps(one))} the ${one.words}`).join(', ');
  return {
    sentence: `${measured === undefined ? '' : `Measured, ${ampsWords(measured)} on its ground. `}Of the current that returns from ${panel.name}, ${ampsWords(inNeutral)} take the neutral and ${split || 'none another way'}. Should the feeder neutral open, ${ampsWords(lost)} would flow over metal that people touch.`,
    ends: [upper, panel.name],
    lanes: ways.map((one) => ({
      words: one.words,
      amps: amps(one),
      touchable: one.kind !== 'neutral',
    })),
    assumed: [
      ...(bond === undefined
        ? [`Neutral joined to the enclosure of ${panel.name}: not seen, taken as joined`]
        : []),
      ...assumedWords(taken, panel.id),
    ],
  };
};
