import { compareSizes } from '../../../vocabulary/size';
import { met, notKnown, notMet } from '../condition';
import type { Condition } from '../remedy';
import type { Situation } from '../situation';

/** 250.119: only 4 AWG and larger may be re-marked as ground; smaller may be stripped bare where exposed. */
export function largeEnoughToMark(here: Situation): Condition {
  const [conductor] = here.things('conductor');
  const size = conductor === undefined ? undefined : here.reader.value(conductor, 'size');
  if (size === undefined) return notKnown('it is 4 AWG or larger', 'read its size');
  return compareSizes(size, '4') >= 0
    ? met('4 AWG or larger may be marked')
    : notMet('smaller than 4 AWG: it may not be marked as ground');
}
