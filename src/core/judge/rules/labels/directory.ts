import { panelPlace } from '../../check/places';
import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 408.4: every circuit identified, legibly and specifically. */
export const directory = defineRule({
  id: 'labels/directory',
  title: 'Circuit directory missing or no use',
  stage: 5,
  hazards: ['outage', 'shock'],
  base: { severity: 2, likelihood: 2 },
  finds: 'A directory that is missing, illegible, vague ("lights"), or contradicted by the trace.',
  example: 'A card that says "lights" nine times.',
  sources: [{ code: '408.4', says: 'circuit directory' }],
  remedies: ['new-directory'],
  messages: {
    poor: {
      short: 'Directory: {value}',
      seen: 'The circuit directory is {value}.',
      why: 'In a hurry the wrong breaker is switched off, and somebody works on a wire that is live.',
      ask: 'A trace of the circuits and a true directory on the door.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Directory')],
  check: readsChoice({
    property: 'directory',
    say: 'read the directory on the door',
    adverse: { vague: 'poor', illegible: 'poor', missing: 'poor', contradicted: 'poor' },
  }),
});
