import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 230.70(A): the disconnect nearest the point of entry. */
export const longInsideRun = defineRule({
  id: 'service/long-inside-run',
  title: 'Service run inside before any disconnect',
  stage: 3,
  hazards: ['fire'],
  base: { severity: 4, likelihood: 2 },
  finds: 'Service conductors that run a long way inside the building before the first disconnect.',
  example: 'A service that crosses the cellar to a panel at the far wall.',
  sources: [{ code: '230.70(A)', says: 'disconnect nearest the point of entrance' }],
  who: 'a licensed electrician with the utility',
  remedies: ['disconnect-at-entry', 'encased-run'],
  messages: {
    long: {
      short: 'Service runs a long way inside',
      seen: 'The service conductors run a long way inside before the first disconnect.',
      why: 'Only the utility’s transformer protects that run: damaged, it burns until somebody pulls the meter.',
      ask: 'A disconnect where the service enters.',
    },
  },
  places: ({ around }) => around.services,
  check: readsChoice({
    property: 'insideRun',
    say: 'follow the service from its entry to the first disconnect',
    adverse: { long: 'long' },
  }),
});
