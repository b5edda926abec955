import * as v from 'valibot';

const severity = v.picklist([1, 2, 3, 4]);
const likelihood = v.picklist([1, 2, 3, 4, 5]);

/** A construction family with a history, and the nameplates an organisation maps to it. */
const familySchema = v.strictObject({
  id: v.string(),
  name: v.string(),
  construction: v.string(),
  history: v.string(),
  severity,
  likelihood,
  nameplates: v.array(v.strictObject({ maker: v.string(), models: v.array(v.string()) })),
});

/** What an organisation sets; frozen into each inspection so that its report stays the same. */
export const settingsSchema = v.strictObject({
  version: v.literal(1),
  organisation: v.string(),
  /** School of grading. */
  school: v.picklist(['by-the-label']),
  yardstick: v.string(),
  /** Days from the inspection to the deadline of each grade; null = no deadline. */
  deadlineDays: v.strictObject({
    danger: v.pipe(v.number(), v.integer(), v.minValue(0)),
    urgent: v.pipe(v.number(), v.integer(), v.minValue(0)),
    repair: v.pipe(v.number(), v.integer(), v.minValue(0)),
    plan: v.pipe(v.number(), v.integer(), v.minValue(0)),
  }),
  families: v.array(familySchema),
  lengths: v.picklist(['metric', 'us']),
});

export type Settings = v.InferOutput<typeof settingsSchema>;
export type Family = v.InferOutput<typeof familySchema>;

/** Settings a new organisation starts with. */
export const startingSettings = (organisation: string): Settings => ({
  version: 1,
  organisation,
  school: 'by-the-label',
  yardstick: 'us-2020',
  deadlineDays: { danger: 0, urgent: 7, repair: 90, plan: 730 },
  lengths: 'metric',
  families: [
    {
      id: 'friction-stab',
      name: 'Friction-stab panel',
      construction:
        'breakers hold on a thin split stab by friction alone; trip levers of pressed steel',
      history:
        'breakers of this construction have failed to open on overload, and let go of the stab',
      severity: 4,
      likelihood: 2,
      nameplates: [{ maker: 'Dunvarick', models: ['FS-12', 'FS-20', 'FS-24'] }],
    },
  ],
});
