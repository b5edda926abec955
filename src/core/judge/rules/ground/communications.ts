import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 250.94: a bonding point for telephone, cable and antenna. */
export const communications = defineRule({
  id: 'ground/communications',
  title: 'No bonding point for telephone and cable',
  stage: 3,
  hazards: ['shock', 'damage'],
  base: { severity: 1, likelihood: 2 },
  finds: 'No bonding point for telephone, cable or antenna at the service.',
  example: 'A cable shield on a rod of its own.',
  sources: [{ code: '250.94', says: 'intersystem bonding termination' }],
  remedies: ['bonding-termination'],
  messages: {
    none: {
      short: 'No bonding point for telephone and cable',
      seen: 'There is no bonding point for telephone and cable at the service.',
      why: 'In a storm the telephone or cable stands at another voltage than the house.',
      ask: 'A bonding termination when an electrician next comes.',
    },
  },
  places: ({ around }) =>
    around.buildings.map((place) => ({ ...place, label: 'Telephone and cable' })),
  check: readsChoice({
    property: 'intersystemBond',
    say: 'look for a bonding point for telephone and cable',
    adverse: { false: 'none' },
  }),
});
