import type { Yardstick } from '../yardstick';
import { ampacityA } from './ampacity';

/** The United States model electrical code, 2020 article numbers, dwellings and small buildings. */
export const us2020: Yardstick = {
  id: 'us-2020',
  title: 'National Electrical Code, 2020 edition',
  ampacityA,
  smallConductorA: { cu: { '14': 15, '12': 20, '10': 30 }, al: { '12': 15, '10': 25 } },
  standardRatingsA: [
    15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250, 300,
    350, 400, 450, 500, 600, 700, 800,
  ],
  nextSizeUpToA: 800,
  cool60UpToA: 100,
  workingDepth: {
    value: 3,
    unit: 'ft',
    mm: 914,
    source: { code: '110.26(A)(1)', says: 'clear depth of 3 ft (914 mm) up to 150 V to ground' },
  },
  airConditionerLimit: 1.8,
  motorConductor: 1.25,
  motorDevice: 2.5,
  sources: {
    ampacity: { code: '310.16', says: 'ampacity, three current-carrying conductors, 30 °C' },
    smallConductor: { code: '240.4(D)', says: 'largest device for small conductors' },
    nextSizeUp: { code: '240.4(B)', says: 'next standard size up' },
    terminals: { code: '110.14(C)', says: 'the cooler of terminal and insulation decides' },
    standardRatings: { code: '240.6', says: 'standard ratings' },
    airConditioner: {
      code: '440.4(B), 440.22',
      says: 'nameplate of the air conditioner or heat pump',
    },
    motor: {
      code: '430.22, 430.52',
      says: 'conductor at least 125 %, breaker at most 250 % of full-load current',
    },
  },
};
