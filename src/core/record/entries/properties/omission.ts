import * as v from 'valibot';
import { choice, property, text } from './spec';

/** Why something that was agreed was not looked at: it stays not seen, and the report says why. */
export const omissionProperties = {
  /** Panel or visit, stage, act and what: `p1|8|open|conductor`. */
  omits: property({
    on: ['omission'],
    schema: v.pipe(v.string(), v.regex(/^[A-Za-z0-9_-]{1,64}\|\d{1,2}\|[a-z]+\|[a-z-]{1,40}$/)),
    label: 'What was not looked at',
    input: 'none',
    act: 'none',
  }),
  omittedBecause: choice(
    ['omission'],
    'Not done because',
    {
      blocked: 'something stands in the way',
      locked: 'it is locked, or nobody could let us in',
      unsafe: 'it was not safe',
      refused: 'it was not allowed there',
      hidden: 'it cannot be seen without taking something apart',
      time: 'there was no time left',
    },
    { act: 'none' },
  ),
  omissionWords: text(['omission'], 'In words', 200, { act: 'none' }),
  /** Who makes it possible, and by when. */
  omissionBy: text(['omission'], 'Who sees to it, by when', 200, { act: 'none' }),
};
