import { describe, expect, test } from '@jest/globals';
import { clear, likelyNotSeen, notSeen, want } from './outcome';
import type { Place } from './place';
import { quietOf } from './quiet-of';
import type { Check } from './quiet';

const place = { ref: 'd1/t1', label: 'Breaker 1', related: ['d1/t1'], order: 1 };
type Circuit = Place & { circuit: { id: string; name: string } };
const circuit: Circuit = { ...place, circuit: { id: 'c1', name: 'hall' } };

describe('what a check answers while nothing it reads was recorded', () => {
  test.each<[string, Check<Circuit>, unknown]>([
    [
      'of the place itself',
      ({ ref }, { site: { reader } }) =>
        reader.value(ref, 'melted') ? clear('') : notSeen(want(ref, 'heatMark', 'look for heat')),
      { unless: ['melted'], property: 'heatMark', say: 'look for heat', about: 'd1/t1' },
    ],
    [
      'of what stands there',
      (at, { site: { reader } }) =>
        reader.fact(at.circuit.id, 'places') && reader.isRecorded('name')
          ? clear('')
          : notSeen(want(at.circuit.id, 'places', 'trace it')),
      { unless: ['places'], property: 'places', say: 'trace it', about: 'c1' },
    ],
    [
      'of the panel',
      (_, { site: { reader }, panel }) =>
        reader.isRecorded('bond') ? clear('') : notSeen(want(panel.id, 'bond', 'find the bond')),
      { unless: ['bond'], property: 'bond', say: 'find the bond', about: 'panel' },
    ],
    [
      'nothing: it reads more than facts',
      (at, { site: { reader } }) =>
        at.circuit.name === 'hall' && reader.isRecorded('name')
          ? clear('')
          : notSeen(want(at.ref, 'name', 'ask')),
      undefined,
    ],
    [
      'nothing: it reads the yardstick',
      ({ ref }, { yardstick, site: { reader } }) =>
        reader.value(ref, 'depthMm') === yardstick.workingDepth.mm
          ? clear('')
          : notSeen(want(ref, 'depthMm', 'measure it')),
      undefined,
    ],
    [
      'nothing: it is clear',
      (_, { site: { reader } }) => clear(`${reader.isRecorded('name')}`),
      undefined,
    ],
    [
      'nothing: it is likely',
      ({ ref }, { site: { reader } }) =>
        likelyNotSeen([reader.fact(ref, 'name')], want(ref, 'name', 'ask')),
      undefined,
    ],
    [
      'nothing: it says where',
      ({ ref }, { site: { reader } }) =>
        reader.isRecorded('name') ? clear('') : notSeen(want(ref, 'name', `look at ${ref}`)),
      undefined,
    ],
  ])('%s', (_, check, expected) => {
    const quiet = quietOf(check);
    const { subject, ...said } = quiet ?? {};
    expect(quiet && { ...said, about: subject!(circuit, 'panel') }).toEqual(expected);
  });
});
