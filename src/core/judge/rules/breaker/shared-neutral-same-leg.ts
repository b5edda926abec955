import { listed } from '../../../vocabulary/phrases';
import type { MultiwireView, TerminalView } from '../../../installation/panel/views';
import { neutralAmps } from '../../../measure/load/neutral-amps';
import type { Leg } from '../../../vocabulary/system';
import { systems } from '../../../vocabulary/system';
import type { Place } from '../../check/rule';
import { clear, defineRule, notSeen, present, want } from '../../check/rule';

interface MultiwirePlace extends Place {
  group: MultiwireView;
}

/** Two hots of one multiwire circuit on one leg: their currents add in the neutral. */
export const sharedNeutralSameLeg = defineRule<MultiwirePlace>({
  id: 'breaker/shared-neutral-same-leg',
  title: 'Circuits sharing a neutral are on one leg',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 4, likelihood: 3 },
  outsideListing: false,
  behindCover: true,
  finds:
    'The legs follow from the rows. The halves of a tandem are one leg; so are opposite positions.',
  example: '`2 20 12cu n12` and `6 20 12cu ~2`: positions 2 and 6 are both leg A.',
  sources: [
    { code: '210.4', says: 'multiwire branch circuits' },
    { code: '100', says: 'multiwire branch circuit: a voltage between its ungrounded conductors' },
  ],
  who: 'a licensed electrician',
  remedies: ['other-leg', 'two-pole', 'neutral-each'],
  messages: {
    'same-leg': {
      short: 'One neutral for {labels}, all on leg {leg}',
      seen: 'Breakers {labels} share one neutral and are all on leg {leg}.',
      why: 'On one leg the currents add in the shared neutral: up to {sumA} A at the breakers’ ratings, and no breaker watches the neutral. On two legs it would carry {differenceA} A.',
      ask: 'The hots on different legs, their handles tied; or a neutral for each circuit.',
    },
  },
  asks: 'multiwire',
  places: ({ panel }) =>
    panel.multiwires.map((group) => ({
      ref: group.id,
      label: `Breakers ${listed(group.hots.map((hot) => hot.label))}`,
      related: [
        group.id,
        ...group.hots.flatMap((hot) => [hot.ref, hot.device.id]),
        ...(group.neutral ? [group.neutral.id] : []),
      ],
      order: 100 + (group.hots[0]?.device.number ?? 0) * 4,
      group,
    })),
  check({ group }, { panel }) {
    if (group.hots.length < 2)
      return notSeen(want(group.id, 'terminals', 'say which breakers share this neutral'));
    const onLeg = (leg: string) => group.hots.filter((hot) => hot.leg === leg);
    const together = [onLeg('A'), onLeg('B'), onLeg('C')].find((hots) => hots.length >= 2);
    const onePosition = new Set(group.hots.map((hot) => hot.row)).size === 1;
    if (!panel.systemRead && !onePosition)
      return notSeen(want(panel.id, 'serviceSystem', 'read the voltage of the supply'));
    if (!together) return clear('on different legs', group.fact);
    const ratings = together.map((hot) => hot.handleA ?? 0);
    const legs: readonly Leg[] =
      panel.system === 'high-leg-delta' ? ['A', 'C'] : systems[panel.system].legs;
    return {
      outcome: 'found',
      message: 'same-leg',
      data: {
        labels: listed(together.map((hot: TerminalView) => hot.label)),
        leg: together[0]!.leg,
        sumA: ratings.reduce((sum, amps) => sum + amps, 0),
        differenceA: Math.round(
          neutralAmps(
            ratings.map((amps, index) => ({ leg: legs[index % legs.length]!, amps })),
            panel.system,
          ),
        ),
      },
      facts: present(group.fact, ...together.map((hot) => hot.ratingA)),
    };
  },
});
