import { countedBar } from '../../../installation/panel/completeness';
import { listed } from '../../../vocabulary/phrases';
import { barPlaces, panelPlace } from '../../check/places';
import type { BarPlace } from '../../check/places';
import type { Place } from '../../check/rule';
import { wantsPlace } from '../../check/supply-place';
import { clear, defineRule, doesNotApply, notSeen, present, want } from '../../check/rule';

type GroundBarPlace = Place & Partial<Pick<BarPlace, 'bar'>>;

/** 250.24(A)(5), 408.40: downstream of the first disconnect neutrals stay off the ground bar. */
export const wrongBar = defineRule<GroundBarPlace>({
  id: 'neutral/wrong-bar',
  title: 'Neutral on the ground bar of a downstream panel',
  stage: 9,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 3 },
  outsideListing: false,
  behindCover: true,
  finds:
    'Does not apply at the first disconnect. Where a bond downstream is found as well, that finding keeps both.',
  example: '`3 20 12cu n2@g` in a panel downstream of the first disconnect.',
  sources: [
    {
      code: '250.24(A)(5)',
      says: 'no grounding connection on the load side of the first disconnect',
    },
    { code: '408.40', says: 'grounding of panelboards' },
  ],
  who: 'a licensed electrician',
  remedies: ['to-neutral-bar', 'extra-neutral-bar'],
  messages: {
    'on-ground-bar': {
      short: '{count} on the ground bar',
      seen: '{screws} of the ground bar: {count}; this panel is downstream of the first disconnect.',
      why: 'Current of these circuits returns over ground wires, pipes and metal enclosures that people touch.',
      ask: 'The neutrals on the isolated neutral bar; first have it checked that the feeder has a ground of its own.',
    },
  },
  places: ({ panel }) => {
    const bars = barPlaces(panel, 'ground');
    return bars.length > 0 ? bars : [panelPlace(panel, 'Ground bar')];
  },
  check(place, { panel, site }) {
    if (panel.supply.place === 'first-disconnect')
      return doesNotApply('this panel holds the first disconnect');
    if (panel.supply.place === 'unknown') return notSeen(wantsPlace(panel));
    if (!place.bar) return notSeen(want(panel.id, 'barKind', 'find where the grounds land'));
    const onBar = place.bar.terminals.filter((terminal) =>
      terminal.conductors.some((conductor) => conductor.function?.value === 'neutral'),
    );
    if (onBar.length === 0) {
      const unknown = place.bar.terminals
        .flatMap((terminal) => terminal.conductors)
        .find((conductor) => !conductor.function);
      if (unknown)
        return notSeen(want(unknown.id, 'function', 'say what the conductor is used as'));
      const all = countedBar(site.reader, place.bar);
      return all
        ? clear('no neutral on the ground bar', all, panel.supply.fact)
        : notSeen(want(place.bar.id, 'conductorCount', 'follow every conductor on the ground bar'));
    }
    const neutrals = onBar.flatMap((terminal) =>
      terminal.conductors.filter((conductor) => conductor.function?.value === 'neutral'),
    );
    return {
      outcome: 'found',
      message: 'on-ground-bar',
      data: {
        count: `${neutrals.length} neutral${neutrals.length === 1 ? '' : 's'}`,
        screws: `Screw${onBar.length === 1 ? '' : 's'} ${listed(onBar.map((terminal) => terminal.number))}`,
      },
      facts: present(
        panel.supply.fact,
        ...neutrals.flatMap((neutral) => [neutral.landsOn, neutral.function]),
      ),
    };
  },
});
