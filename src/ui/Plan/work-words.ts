import { listed } from '@/core/vocabulary/phrases';
import type { PlanView, WorkLine } from '@/core';

/** "Neutral 12: one to a free terminal"; words that name the place already stand alone. */
export const workWords = ({ places, says }: WorkLine) =>
  places.length === 0 ||
  places.some((place) => says.includes(place.toLowerCase()) || says.includes(place))
    ? says
    : `${listed(places)}: ${says.charAt(0).toLowerCase()}${says.slice(1)}`;

/** Moves are told where something changes its place; else the works say it all. */
const changesPlace = ({ kind, from, to }: PlanView['moves'][number]['steps'][number]): boolean =>
  kind === 'new' ||
  kind === 'move' ||
  kind === 'join' ||
  kind === 'lift' ||
  (kind === 'renew' && from.join() !== to.join());

/** The work list as an electrician follows it: isolating, works, moves in each panel in their order, after. */
export const stepsOf = ({ frame, works, moves }: PlanView): string[] => [
  ...frame.before,
  ...works.map((work) => `${workWords(work)} (${work.panel}).`),
  ...moves
    .filter(({ steps }) => steps.some(changesPlace))
    .flatMap(({ name, steps }) =>
      steps.map(({ says, asks }) => `${name}: ${says}${asks ? `; first ${asks}` : ''}.`),
    ),
  ...frame.after,
];
