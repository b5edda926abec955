import { systems } from '../../../vocabulary/system';
import type { SystemName } from '../../../vocabulary/system';
import { schoolWords } from '../../../codes/settings/schools';
import { choice, choices, moreThanNone, numbers, day, text, whole, yesNo } from './spec';

const systemWords = Object.fromEntries(
  Object.entries(systems).map(([name, { words }]) => [name, words]),
) as Record<SystemName, string>;

const setOut = { act: 'ask', stage: 1 } as const;

/** Stage 1: the visit, the place and the people. */
export const placeProperties = {
  name: text(
    [
      'site',
      'building',
      'dwelling',
      'room',
      'panel',
      'circuit',
      'disconnect',
      'service',
      'meter',
      'source',
      'electrode',
      'pipe',
      'outlet',
      'instrument',
      'what-if',
    ],
    'Name',
    200,
    { act: 'none' },
  ),
  address: text(['site'], 'Address', 200, setOut),
  visitKind: choice(
    ['site'],
    'Kind of visit',
    {
      sale: 'sale',
      service: 'service call',
      permit: 'permit inspection',
      round: 'periodic round',
      return: 'return visit',
    },
    setOut,
  ),
  client: text(['site'], 'Client', 200, setOut),
  clientRole: choice(
    ['site'],
    'Client is the',
    {
      buyer: 'buyer',
      seller: 'seller',
      owner: 'owner',
      landlord: 'landlord',
      tenant: 'tenant',
      trust: 'trust or body that keeps the building',
      authority: 'authority',
    },
    setOut,
  ),
  units: choice(['site'], 'Lengths in', { metric: 'mm', us: 'inches' }, setOut),
  present: text(['site'], 'Who is present', 400, setOut),
  scope: choice(
    ['site'],
    'Agreed for this visit',
    {
      outside: 'outside only',
      looks: 'looks only',
      opens: 'may open',
      tests: 'may open and test',
      full: 'everything, touching and tracing too',
    },
    setOut,
  ),
  mayShutOff: choice(
    ['site'],
    'Power may be switched off',
    { yes: 'yes', 'by-others': 'only by somebody else', no: 'no' },
    setOut,
  ),
  shutOffBy: text(['site'], 'Who shuts off, and where', 400, setOut),
  mustStayOn: text(['site'], 'What must stay on', 400, setOut),
  nextUse: text(['site'], 'How the next occupants will use it', 400, setOut),
  plannedWorks: text(['site'], 'Planned works, with their date', 400, setOut),
  plannedWorksOn: day(['site'], 'Planned works begin', setOut),
  saleOn: day(['site'], 'Sale', setOut),
  plannedVisit: day(['site'], 'Next planned visit of an electrician', setOut),
  /** School this inspection is graded by; the office’s own where it is not said. */
  school: choice(['site'], 'Graded', schoolWords, setOut),
  permitNumber: text(['site', 'work'], 'Permit number', 60, setOut),
  permitScope: text(['site'], 'What the permit covers', 400, setOut),
  symptoms: choices(
    ['site'],
    'Symptoms told',
    {
      trips: 'a breaker trips again and again',
      enlarged: 'a breaker was made larger since',
      'will-not-hold': 'a breaker will not hold',
      'dead-rooms': 'dead rooms',
      flicker: 'lights flicker or dim',
      'over-voltage': 'goods damaged, lights too bright',
      shocks: 'shocks or sparking at taps or metal',
      'trips-later': 'a breaker trips after minutes of use',
      smell: 'a warm or burnt smell',
      crackle: 'crackling or buzzing',
    },
    setOut,
  ),
  buildingKind: choice(
    ['building'],
    'Kind of building',
    {
      house: 'house',
      flats: 'flats',
      shop: 'shop or workshop',
      outbuilding: 'outbuilding',
      mixed: 'shop with dwelling',
    },
    setOut,
  ),
  yearBuilt: whole(
    ['building', 'panel', 'device', 'cable', 'circuit', 'outlet'],
    'Year',
    1880,
    2100,
    '',
    setOut,
  ),
  dwellings: whole(['building'], 'Dwellings', 0, 400, '', setOut),
  floorAreaM2: moreThanNone(['building', 'dwelling'], 'Floor area', 100_000, 'm²', setOut),
  /** As entered: 3 VA a square foot, where it was measured in feet. */
  floorAreaFt2: moreThanNone(['building', 'dwelling'], 'Floor area', 1_000_000, 'ft²', setOut),
  /** Of the house as a whole, before it was asked of each panel's place. */
  childrenInHouse: yesNo(['building'], 'Children in the house', { act: 'ask', retired: true }),
  permitsKnown: choice(
    ['building'],
    'Works and permits',
    {
      none: 'no works known',
      permitted: 'works, with permits',
      'no-permit': 'works without a permit',
      unknown: 'asked, not known',
    },
    setOut,
  ),
  workDone: text(['work'], 'Work', 200, setOut),
  workYear: whole(['work'], 'Year of the work', 1880, 2100, '', setOut),
  serviceSystem: choice(['service', 'panel'], 'Supply', systemWords, { act: 'look', stage: 3 }),
  /** Meters and dwellings a thing belongs to. */
  serves: text(['meter', 'panel', 'circuit', 'dwelling'], 'Serves', 200, { act: 'ask' }),
  customNumbers: numbers(['panel'], 'Printed numbers, left column from the top, then right', {
    act: 'look',
    stage: 6,
  }),
};
