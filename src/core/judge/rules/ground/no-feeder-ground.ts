import { panelPlace } from '../../check/places';
import { wantsPlace } from '../../check/supply-place';
import {
  clear,
  defineRule,
  doesNotApply,
  found,
  likelyNotSeen,
  notSeen,
  want,
} from '../../check/rule';

/** 215.6, 250.32(B): a feeder brings a ground. The older three-wire feeder to another building is permitted. */
export const noFeederGround = defineRule({
  id: 'ground/no-feeder-ground',
  title: 'Feeder without an equipment ground',
  stage: 9,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 2 },
  since: 2008,
  behindCover: true,
  finds:
    'A feeder without an equipment ground. A metal raceway may serve. Within one building it is always required; to another building asked for since 2008, and the permitted older three-wire feeder is clear. Danger now where there is neither ground, raceway nor bond.',
  example: 'A shed panel fed by two hots and a neutral, its can floating.',
  sources: [
    { code: '215.6', says: 'feeder equipment grounding conductor' },
    { code: '250.32(B)', says: 'buildings supplied by a feeder' },
  ],
  remedies: ['permitted-bond', 'new-feeder'],
  messages: {
    missing: {
      short: 'Feeder without a ground',
      seen: 'The feeder of this panel brings no equipment ground.',
      why: 'A fault to metal here returns over earth or the neutral: too little to open a breaker.',
      ask: 'A feeder with its own ground.',
    },
    nothing: {
      short: 'No ground, no raceway, no bond',
      seen: 'The feeder brings no ground, no metal raceway serves as one, and the neutral is not joined to the enclosure.',
      why: 'A fault makes every piece of metal on this panel live, and nothing opens.',
      ask: 'The panel switched off at its feeder and tagged until it is grounded.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Feeder ground')],
  check(_, { site: { reader }, panel, yardstick }) {
    if (panel.supply.place === 'first-disconnect') return doesNotApply('the first disconnect');
    if (panel.supply.place === 'unknown') return notSeen(wantsPlace(panel));
    const ground = reader.fact(panel.id, 'feederHasGround');
    const raceway = reader.fact(panel.id, 'supplyRaceway');
    const metal = raceway?.value === 'steel-raceway' || raceway?.value === 'aluminium-raceway';
    if (ground?.value) return clear('its own ground', ground);
    if (metal) return clear('metal raceway serves as ground', raceway);
    if (!ground)
      return notSeen(want(panel.id, 'feederHasGround', 'look for a ground with the feeder'));
    if (!raceway)
      return likelyNotSeen(
        [ground],
        want(panel.id, 'supplyRaceway', 'see what the feeder runs in'),
      );
    const bond = reader.fact(panel.id, 'bond');
    const separate = reader.fact(panel.id, 'separateBuilding');
    const facts = [ground, raceway, bond, separate, panel.supply.fact];
    if (bond?.value === 'none')
      return found('nothing', {}, facts, {
        since: null,
        danger: 'no ground, no raceway, no bond',
      });
    if (separate?.value === false) return found('missing', {}, facts, { since: null });
    if (!separate || !bond)
      return likelyNotSeen(
        [ground],
        separate
          ? want(panel.id, 'bond', 'look for a strap or screw from neutral bar to can')
          : want(panel.id, 'separateBuilding', 'say whether this is a separate building'),
      );
    const until = yardstick.fourWireFeederSince;
    const year = reader.fact(panel.id, 'yearBuilt');
    const path = reader.fact(panel.id, 'metalPathBetween');
    const upstream = reader.fact(panel.id, 'groundFaultUpstream');
    if ((year && year.value >= until) || path?.value || upstream?.value)
      return found('missing', {}, [...facts, year, path, upstream], { since: until });
    if (!year || !path || !upstream)
      return likelyNotSeen(
        [ground],
        ...(year ? [] : [want(panel.id, 'yearBuilt', 'find the year of the panel')]),
        ...(path
          ? []
          : [want(panel.id, 'metalPathBetween', 'look for pipes or metal between the buildings')]),
        ...(upstream
          ? []
          : [want(panel.id, 'groundFaultUpstream', 'look for ground-fault protection upstream')]),
      );
    return clear(
      'permitted while untouched: older feeder to a separate building',
      ...facts,
      year,
      path,
      upstream,
    );
  },
});
