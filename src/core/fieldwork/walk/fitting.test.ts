import { expect, test } from '@jest/globals';
import type { PropertyName } from '../../record/entries/properties';
import { bench } from '../../testing/bench';
import { deviceAt } from '../recording/device-at';
import { fitsDevice } from './fitting';

const asked = (line: string, property: PropertyName) => {
  const { site } = bench().lines(line).book;
  return fitsDevice(property, deviceAt(site.panels[0]!, 7)!, site.reader);
};

test.each<[string, PropertyName, boolean]>([
  ['7 20 12cu', 'fuseBase', false],
  ['7 f15', 'fuseBase', true],
  ['7 f15', 'handleState', false],
  ['7 20 12cu', 'handleState', true],
  ['7 device', 'handleState', false],
  ['7 20 12cu', 'testButton', true],
  ['7 20 12cu plain', 'testButton', false],
  ['7 20 12cu gf', 'testButton', true],
  ['7 20 12cu', 'commonTrip', false],
  ['7+9 20', 'commonTrip', true],
  ['7 20 12cu', 'maker', true],
  ['7 20 12cu edison', 'fuseBase', true],
])('%s is asked for %s: %s', (line, property, fits) => expect(asked(line, property)).toBe(fits));
