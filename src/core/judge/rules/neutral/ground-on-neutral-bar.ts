import { wantsPlace } from '../../check/supply-place';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 250.24(A)(5), 408.40: the mirror of a neutral on the ground bar. */
export const groundOnNeutralBar = defineRule({
  id: 'neutral/ground-on-neutral-bar',
  title: 'Ground on the isolated neutral bar',
  stage: 9,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 3 },
  behindCover: true,
  finds:
    'An equipment ground on the neutral bar of a panel downstream, where the bar is kept apart from the enclosure. At the first disconnect the two are joined anyhow.',
  example: 'A bare wire on the neutral bar of a shed panel.',
  sources: [
    { code: '408.40', says: 'grounds on the ground bar' },
    { code: '250.24(A)(5)', says: 'neutral and ground apart downstream' },
  ],
  remedies: ['ground-to-ground-bar'],
  messages: {
    ground: {
      short: '{place}: a ground on the neutral bar',
      seen: 'At {place} an equipment ground is on the neutral bar, which is kept apart from the enclosure here.',
      why: 'The metal it should protect rides on the neutral: it is live as soon as the neutral drops or opens.',
      ask: 'The ground moved to the ground bar by a licensed electrician.',
    },
  },
  asks: 'neutral',
  places: ({ places }) =>
    places.barTerminals.filter(
      ({ terminal }) =>
        terminal.bar.kind === 'neutral' &&
        terminal.conductors.some((one) => one.function?.value === 'ground'),
    ),
  check({ terminal }, { site: { reader }, panel }) {
    const ground = terminal.conductors.find((one) => one.function?.value === 'ground')!;
    if (panel.supply.place === 'first-disconnect') return doesNotApply('joined here anyhow');
    if (panel.supply.place === 'unknown') return notSeen(wantsPlace(panel));
    const bond = reader.fact(panel.id, 'bond');
    if (!bond)
      return notSeen(want(panel.id, 'bond', 'look for a strap or screw from neutral bar to can'));
    if (bond.value !== 'none') return clear('the bar is joined to the enclosure here', bond);
    return found('ground', {}, [ground.landsOn, ground.function, bond, panel.supply.fact]);
  },
});
