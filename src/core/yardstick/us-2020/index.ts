import type { LengthLimit, Yardstick } from '../yardstick';
import { ampacityA } from './ampacity';
import { dwellingService } from './dwelling-service';
import { areaKcmil, electrodeConductor, equipmentGround } from './grounding';
import { ohmPerKft } from './resistance';

const limit = (
  value: number,
  unit: 'ft' | 'in',
  mm: number,
  code: string,
  says: string,
): LengthLimit => ({ value, unit, mm, source: { code, says } });
const depth = (value: number, unit: 'ft' | 'in', mm: number, says: string) =>
  limit(value, unit, mm, '110.26(A)(1)', `151 to 600 V to ground, ${says}`);

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
  workingDepthAbove150V: {
    '1': depth(3, 'ft', 914, 'condition 1: nothing grounded opposite'),
    '2': depth(42, 'in', 1067, 'condition 2: grounded parts opposite'),
    '3': depth(4, 'ft', 1219, 'condition 3: live parts opposite'),
  },
  workingWidth: limit(30, 'in', 762, '110.26(A)(2)', 'width of 30 in or of the equipment'),
  headroom: limit(78, 'in', 1981, '110.26(A)(3)', 'height of 6 ft 6 in or of the equipment'),
  handleHeight: limit(79, 'in', 2007, '240.24(A)', 'highest handle at most 6 ft 7 in'),
  rodSpacing: limit(6, 'ft', 1800, '250.53(A)(3)', 'rods at least 6 ft apart'),
  headroomExemptUpToA: 200,
  dwellingService,
  equipmentGround,
  electrodeConductor,
  areaKcmil,
  electrodeConductorMost: {
    rod: { cu: '6', al: '4' },
    encased: { cu: '4', al: null },
  },
  singleRodOhm: 25,
  bundleFactor: [
    { upTo: 3, factor: 1 },
    { upTo: 6, factor: 0.8 },
    { upTo: 9, factor: 0.7 },
    { upTo: 20, factor: 0.5 },
    { upTo: 30, factor: 0.45 },
    { upTo: 40, factor: 0.4 },
    { upTo: 999, factor: 0.35 },
  ],
  gutterFillPercent: 40,
  spliceFillPercent: 75,
  mostThrows: 6,
  continuousShare: 0.8,
  voltage: {
    service: { a: [114, 126], b: [110, 127] },
    panel: { a: [108, 126], b: [104, 127] },
  },
  neutralSuspectV: 5,
  neutralLostV: 10,
  legHighV: 132,
  acrossHoldsV: [216, 264],
  fourWireFeederSince: 2008,
  fourWireApplianceSince: 1996,
  gasTubingBond: '6',
  likeLoadShare: 0.4,
  riseK: { look: 3, mend: 15 },
  liveMetalV: 30,
  strayA: { nothing: 0.1, path: 1, gas: 0.1 },
  streetMainShare: 0.2,
  outputDropShare: 0.05,
  torqueTolerance: 0.1,
  legBalanceShare: 0.3,
  unmarkedInterruptingKa: 5,
  farEndShare: 1.2,
  sourceFactor: 1.25,
  protectionSince: {
    'ground-fault': {
      outdoors: 1973,
      bathroom: 1975,
      garage: 1978,
      kitchen: 1987,
      basement: 1990,
      laundry: 2014,
    },
    'arc-fault': { bedroom: 2002, living: 2008, kitchen: 2014, laundry: 2014 },
  },
  placeSince: { 'clothes-closet': 1981, bathroom: 1993, 'over-steps': 2008 },
  ohmPerKft,
  coldShare: 0.84,
  ruleYears: {},
  airConditionerLimit: 1.8,
  motorConductor: 1.25,
  motorDevice: { breaker: 2.5, timeDelayFuse: 1.75, otherFuse: 3 },
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
      says: 'conductor at least 125 % of full-load current; breaker 250 %, time-delay fuse 175 %, other fuse 300 %, or the next standard rating; exception 2 (to 400 %) only where the motor does not start otherwise',
    },
  },
};
