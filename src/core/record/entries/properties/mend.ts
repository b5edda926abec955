import * as v from 'valibot';
import { property, text, yesNo } from './spec';

/** What was mended while the inspector was there. The finding stays as it was found. */
export const mendProperties = {
  /** Findings it mends, as they were found: rule and place, `breaker/double-tap|d1/t1`. */
  mendOf: property({
    on: ['mend'],
    schema: v.pipe(
      v.array(
        v.pipe(v.string(), v.regex(/^[a-z]+\/[a-z-]+\|[A-Za-z0-9_-]{1,64}(\/[a-z0-9]{1,12})?$/)),
      ),
      v.minLength(1),
      v.maxLength(40),
    ),
    label: 'Mends the finding',
    input: 'none',
    act: 'none',
  }),
  mendedBy: text(['mend'], 'Mended by', 200, { act: 'none' }),
  mendHow: text(['mend'], 'What was done', 600, { act: 'none' }),
  mendParts: text(['mend'], 'Parts used', 400, { act: 'none' }),
  /** The facts of the same action are of the state after the mend: said of the entry that states it. */
  mendStep: property({
    on: ['mend'],
    schema: v.boolean(),
    label: 'Recorded after the mend',
    input: 'none',
    act: 'none',
    ofEntry: true,
  }),
  mendDone: yesNo(['mend'], 'All of it recorded', { act: 'none' }),
};
