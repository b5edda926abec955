import type { Subject } from '../thing-types';
import { metal } from './any';
import { choice, text, yesNo } from './spec';

/** What a permit can cover. */
const scoped: readonly Subject[] = [
  ...metal.filter((subject) => subject !== 'terminal' && subject !== 'bar-terminal'),
  'building',
  'circuit',
  'load',
];

/** Works and permits of a part: asked after what is seen of it, so a form lists them last. */
export const permitProperties = {
  inPermitScope: yesNo(scoped, 'Part of the work under the permit', { act: 'ask', at: 'works' }),
  /** Number of the permit this part was done under. */
  underPermit: text(scoped, 'Done under permit number', 60, { act: 'ask', at: 'works' }),
  /** Works on this part alone. */
  partWork: choice(
    scoped,
    'Added or changed',
    {
      none: 'not since it was built',
      permitted: 'since, with a permit',
      'no-permit': 'since, without a permit',
      unknown: 'since, permit not known',
    },
    { act: 'ask', at: 'works' },
  ),
};
