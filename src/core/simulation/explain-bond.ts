import type { Explain, WhyHere } from './explain';
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
  const { network, assumptions } = siteNetwork(site, yardstick, {
    closed: { [`bond:${panel.id}`]: true },
  });
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
    assumed: assumptions
      .filter(
        ({ about, because, value }) =>
          about === panel.id && value > 0 && !because.startsWith('as '),
      )
      .map(({ words, value, unit, because }) => `${words}: ${value} ${unit}, ${because}`),
  };
};
