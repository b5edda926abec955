import type { Family } from './family';

/** Families described by construction, with nameplates of invented makers. */
export const shippedFamilies: Family[] = [
  {
    id: 'friction-stab',
    name: 'Friction-stab panel',
    construction:
      'breakers hold on a thin split stab by friction alone; trip levers of pressed steel',
    history:
      'breakers of this construction have failed to open on overload, and let go of the stab',
    hazard: true,
    severity: 4,
    likelihood: 2,
    years: { from: 1952, to: 1986 },
    expectedLifeYears: 40,
    prior: 0.12,
    traits: {
      busMetal: { copper: 0.25, tinned: 0.15, aluminium: 0.6 },
      breakerHold: { friction: 0.9, jaws: 0.05, hook: 0.04, bolted: 0.01 },
      handleTravel: { across: 0.95, along: 0.04, turn: 0.01 },
      handleColour: { striped: 0.75, black: 0.2, 'by-rating': 0.05 },
      handleAction: { toggle: 0.97, rocker: 0.02, push: 0.01 },
    },
    nameplates: [{ maker: 'Dunvarick', models: ['FS-12', 'FS-20', 'FS-24'] }],
  },
  {
    id: 'soft-bus',
    name: 'Soft-bus panel',
    construction:
      'breakers hook on at the outside and press on bus bars of soft aluminium without plating',
    history:
      'the contact of breaker and bus of this construction has worn and burned, and the breaker still looked closed',
    hazard: true,
    severity: 4,
    likelihood: 2,
    years: { from: 1962, to: 1981 },
    expectedLifeYears: 40,
    prior: 0.1,
    traits: {
      busMetal: { aluminium: 0.93, tinned: 0.05, copper: 0.02 },
      breakerHold: { hook: 0.9, jaws: 0.08, friction: 0.01, bolted: 0.01 },
      handleTravel: { across: 0.85, along: 0.14, turn: 0.01 },
      handleColour: { 'by-rating': 0.8, black: 0.15, striped: 0.05 },
      handleAction: { toggle: 0.9, rocker: 0.09, push: 0.01 },
    },
    nameplates: [{ maker: 'Varnsted', models: ['VA-16', 'VA-24'] }],
  },
  {
    id: 'push-latch',
    name: 'Push-latch panel',
    construction: 'each breaker is worked by one button that latches in and springs out',
    history: 'no record of failures of its own; replacement breakers are no longer made',
    hazard: true,
    severity: 3,
    likelihood: 1,
    years: { from: 1948, to: 1970 },
    expectedLifeYears: 50,
    prior: 0.05,
    traits: {
      busMetal: { copper: 0.8, tinned: 0.19, aluminium: 0.01 },
      breakerHold: { bolted: 0.55, jaws: 0.4, hook: 0.04, friction: 0.01 },
      handleTravel: { across: 0.4, along: 0.55, turn: 0.05 },
      handleColour: { black: 0.9, 'by-rating': 0.08, striped: 0.02 },
      handleAction: { push: 0.96, rocker: 0.03, toggle: 0.01 },
    },
    nameplates: [{ maker: 'Corriemuir', models: ['PL-8', 'PL-12'] }],
  },
  {
    id: 'plug-jaw',
    name: 'Plug-jaw panel',
    construction: 'spring jaws of the breaker grip a thick plated stab',
    history: 'none known',
    hazard: false,
    severity: 1,
    likelihood: 1,
    years: null,
    expectedLifeYears: null,
    prior: 0.73,
    traits: {
      busMetal: { tinned: 0.5, copper: 0.25, aluminium: 0.25 },
      breakerHold: { jaws: 0.8, hook: 0.12, bolted: 0.07, friction: 0.01 },
      handleTravel: { across: 0.95, along: 0.04, turn: 0.01 },
      handleColour: { black: 0.93, striped: 0.05, 'by-rating': 0.02 },
      handleAction: { toggle: 0.96, rocker: 0.03, push: 0.01 },
    },
    nameplates: [
      { maker: 'Tarnholt', models: ['TL-24', 'TL-84', 'TS-20', 'T3-30'] },
      { maker: 'Merrowby', models: ['M8', 'M12'] },
    ],
  },
];
