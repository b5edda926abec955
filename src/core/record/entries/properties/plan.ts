import * as v from 'valibot';
import type { Json } from '../entry';
import { choice, property, quantity, text, thingId, whole } from './spec';

const said = { act: 'none' } as const;
const jsonSchema: v.GenericSchema<Json> = v.union([
  v.null(),
  v.boolean(),
  v.pipe(v.number(), v.finite()),
  v.pipe(v.string(), v.maxLength(2000)),
  v.array(v.lazy(() => jsonSchema)),
  v.record(
    v.string(),
    v.lazy(() => jsonSchema),
  ),
]);
const money = v.pipe(v.number(), v.minValue(0), v.maxValue(10_000_000));
const range = v.strictObject({ low: money, likely: money, high: money });

/** What is wanted besides, and the plan that was chosen with what it rested on. */
export const planProperties = {
  wishKind: choice(
    ['wish'],
    'Wanted',
    {
      'circuit-240': 'a 240 V circuit',
      'circuit-120': 'a 120 V circuit',
      charger: 'a vehicle charger',
      'spare-positions': 'spare positions',
      'panel-gone': 'the old panel gone',
      'one-meter': 'one meter for all',
    },
    said,
  ),
  wishA: quantity(['wish'], 'Of', 400, 'A', said),
  wishPositions: whole(['wish'], 'Spare positions', 1, 40, '', said),
  wishPanel: property({ on: ['wish'], schema: thingId, label: 'At panel', input: 'none', ...said }),

  planName: text(['plan'], 'Plan', 60, said),
  planBy: text(['plan'], 'Chosen by', 200, said),
  /** Options, by the names they go by: remedy, way and finding. */
  planChoices: property({
    on: ['plan'],
    schema: v.pipe(v.array(v.pipe(v.string(), v.minLength(1), v.maxLength(600))), v.maxLength(400)),
    label: 'What is done',
    input: 'none',
    ...said,
  }),
  /** As it was said then: a list of works in words. */
  planWorks: property({
    on: ['plan'],
    schema: v.pipe(v.array(v.pipe(v.string(), v.minLength(1), v.maxLength(600))), v.maxLength(400)),
    label: 'Works',
    input: 'none',
    ...said,
  }),
  /** The same works with what each was reckoned at: a quote is held against them. */
  planLines: property({
    on: ['plan'],
    schema: v.pipe(
      v.array(
        v.strictObject({
          id: v.pipe(v.string(), v.minLength(1), v.maxLength(600)),
          says: v.pipe(v.string(), v.minLength(1), v.maxLength(600)),
          cost: range,
        }),
      ),
      v.maxLength(400),
    ),
    label: 'Works with their cost',
    input: 'none',
    ...said,
  }),
  /** What is done in the panel step by step, framed by isolating before and readings after, in words. */
  planSteps: property({
    on: ['plan'],
    schema: v.pipe(
      v.array(v.pipe(v.string(), v.minLength(1), v.maxLength(6000))),
      v.maxLength(800),
    ),
    label: 'Steps of the work',
    input: 'none',
    ...said,
  }),
  /** The plans that were laid side by side when it was chosen, as the client is told them. */
  planOffered: property({
    on: ['plan'],
    schema: v.pipe(
      v.array(
        v.strictObject({
          name: v.pipe(v.string(), v.minLength(1), v.maxLength(120)),
          chosen: v.boolean(),
          cost: range,
          /** Likely minutes without power, by what is off. */
          dark: v.array(v.strictObject({ says: v.string(), minutes: money })),
          /** What it puts right, lowers, and leaves. */
          mends: v.array(v.string()),
          stays: v.array(v.string()),
          hazards: v.array(v.string()),
        }),
      ),
      v.maxLength(6),
    ),
    label: 'Plans laid side by side',
    input: 'none',
    ...said,
  }),
  /** Who is told before the work, why, and how many days it takes. */
  planTell: property({
    on: ['plan'],
    schema: v.pipe(
      v.array(
        v.strictObject({
          whom: v.picklist(['utility', 'permit', 'owner']),
          why: v.pipe(v.string(), v.minLength(1), v.maxLength(300)),
          days: v.pipe(v.number(), v.minValue(0), v.maxValue(1000)),
        }),
      ),
      v.maxLength(60),
    ),
    label: 'Told before the work',
    input: 'none',
    ...said,
  }),
  planPermit: text(['plan'], 'Permit number', 60, said),
  planUtility: text(['plan'], 'Order number of the utility', 60, said),
  planOwner: text(['plan'], 'Agreed with the owner', 200, said),
  planBook: whole(['plan'], 'Version of the cost book', 1, 1_000_000, '', said),
  planCost: property({ on: ['plan'], schema: range, label: 'Cost', input: 'none', ...said }),
  planMinutes: property({ on: ['plan'], schema: range, label: 'Minutes', input: 'none', ...said }),
  planRiskLeft: quantity(['plan'], 'Risk left', 10_000_000, '', said),
  /** Facts recorded when it was made: later ones may change it. */
  planFacts: whole(['plan'], 'Entries it rests on', 0, 10_000_000, '', said),
  /** What would be recorded after the work: facts by what they are about. */
  planDrafts: property({
    on: ['plan'],
    schema: v.pipe(
      v.array(
        v.strictObject({
          about: v.pipe(v.string(), v.minLength(1), v.maxLength(80)),
          /** Of a thing that is new then: its type and what it stands in. */
          type: v.optional(v.string()),
          in: v.optional(v.nullable(v.string())),
          facts: v.record(v.string(), jsonSchema),
        }),
      ),
      v.maxLength(4000),
    ),
    label: 'As it would be recorded',
    input: 'none',
    ...said,
  }),

  quoteFrom: text(['quote'], 'Quote from', 200, said),
  /** The chosen plan it was asked for. */
  quotePlan: property({
    on: ['quote'],
    schema: thingId,
    label: 'For the plan',
    input: 'none',
    ...said,
  }),
  quoteSum: property({ on: ['quote'], schema: money, label: 'Sum', input: 'none', ...said }),
  /** What is in it: a work of the plan by its name there, or something besides; a sum where it gives one. */
  quoteLines: property({
    on: ['quote'],
    schema: v.pipe(
      v.array(
        v.strictObject({
          work: v.nullable(v.pipe(v.string(), v.minLength(1), v.maxLength(600))),
          says: v.pipe(v.string(), v.minLength(1), v.maxLength(600)),
          sum: v.nullable(money),
        }),
      ),
      v.maxLength(400),
    ),
    label: 'What is in it',
    input: 'none',
    ...said,
  }),
};
