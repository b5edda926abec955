import * as v from 'valibot';
import { anyRef, choice, property, text, yesNo } from './spec';

const fraction = v.pipe(v.number(), v.minValue(0), v.maxValue(1));

/** What was noticed out of turn, and photos. Both belong somewhere, now or later. */
export const noteProperties = {
  words: text(['note'], 'Note', 4000, { act: 'none' }),
  /** SHA-256 of the stored sound, hex, of a note that was spoken; its words may be written out later. */
  recording: property({
    on: ['note'],
    schema: v.pipe(v.string(), v.regex(/^[0-9a-f]{64}$/, 'a SHA-256 in hex')),
    label: 'Spoken note',
    input: 'none',
    act: 'none',
  }),
  recordingSeconds: property({
    on: ['note'],
    schema: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(600)),
    label: 'Length',
    input: 'none',
    act: 'none',
    unit: 's',
  }),
  caption: text(['photo'], 'Caption', 400, { act: 'none' }),
  /** The thing or part it is about; without it the note waits for a place. */
  aboutThing: property({
    on: ['note', 'photo'],
    schema: anyRef,
    label: 'About',
    input: 'none',
    act: 'none',
  }),
  /** Outside an inspection of the panel: who is asked to look at it. */
  referTo: choice(
    ['note'],
    'Refer to',
    {
      damp: 'somebody for damp and water',
      structure: 'a structural engineer',
      fibres: 'a laboratory for fibres, before anything is disturbed',
      gas: 'a gas fitter',
      vermin: 'somebody for vermin and insects',
      other: 'somebody of that trade',
    },
    { act: 'none' },
  ),
  dismissed: yesNo(['note'], 'Dismissed', { act: 'none' }),
  /** SHA-256 of the stored picture, hex. */
  digest: property({
    on: ['photo'],
    schema: v.pipe(v.string(), v.regex(/^[0-9a-f]{64}$/, 'a SHA-256 in hex')),
    label: 'Picture',
    input: 'none',
    act: 'none',
  }),
  pictureWidth: property({
    on: ['photo'],
    schema: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(20_000)),
    label: 'Width',
    input: 'none',
    act: 'none',
    unit: 'px',
  }),
  pictureHeight: property({
    on: ['photo'],
    schema: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(20_000)),
    label: 'Height',
    input: 'none',
    act: 'none',
    unit: 'px',
  }),
  /** The point in the picture it shows, as shares of its width and height. */
  pin: property({
    on: ['photo'],
    schema: v.strictObject({ x: fraction, y: fraction }),
    label: 'Point',
    input: 'none',
    act: 'none',
  }),
};
