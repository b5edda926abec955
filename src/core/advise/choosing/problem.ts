import * as v from 'valibot';

/** What a remedy leaves of a finding, from nothing to the gravest. */
export const gradesLeft = ['none', 'Note', 'Plan', 'Repair', 'Urgent', 'Danger now'] as const;
export type GradeLeft = (typeof gradesLeft)[number];

const id = v.pipe(v.string(), v.minLength(1), v.maxLength(200));
const amount = v.pipe(
  v.number(),
  v.finite('expected a finite number'),
  v.minValue(0, 'expected 0 or more'),
);
const rooms = v.record(id, amount);
const gradeLeft = v.optional(v.nullable(v.picklist(gradesLeft)), 'none');

const work = {
  id,
  /** Money. */
  parts: v.optional(amount, 0),
  minutes: v.optional(amount, 0),
  /** Room taken, by kind. */
  uses: v.optional(rooms, {}),
  /** Room given back, by kind. */
  frees: v.optional(rooms, {}),
  needsUtility: v.optional(v.boolean(), false),
};

const remedySchema = v.strictObject({ ...work, gradeLeft, riskLeftPoints: v.optional(amount, 0) });
const findingSchema = v.strictObject({
  id,
  riskPoints: amount,
  mustMend: v.optional(v.boolean(), false),
  remedies: v.optional(v.array(remedySchema), []),
});
const coverSchema = v.strictObject({ gradeLeft, riskLeftPoints: v.optional(amount, 0) });
const globalSchema = v.strictObject({
  ...work,
  /** Findings it mends besides, with what it leaves of each. */
  covers: v.optional(v.record(id, coverSchema), {}),
  /** Others that cannot be chosen with it. */
  excludes: v.optional(v.array(id), []),
});

/** What may be done about findings, what it costs and what room there is: no panel, only figures. */
export const problemSchema = v.strictObject({
  labourRatePerHour: amount,
  callOutFee: v.optional(amount, 0),
  utilityFee: v.optional(amount, 0),
  /** Room there is, by kind; a kind that is used and not named here is 0. */
  room: v.optional(rooms, {}),
  findings: v.array(findingSchema),
  globalRemedies: v.optional(v.array(globalSchema), []),
  riskLimits: v.optional(v.array(amount), []),
});

export type Problem = v.InferOutput<typeof problemSchema>;
export type ProblemFinding = Problem['findings'][number];
export type ProblemRemedy = ProblemFinding['remedies'][number];
export type GlobalRemedy = Problem['globalRemedies'][number];
export type Residue = Pick<ProblemRemedy, 'gradeLeft' | 'riskLeftPoints'>;

/** Two amounts nearer than this are the same. */
export const sameWithin = 1e-6;

/** What must be mended is mended by what leaves it below Urgent. */
export const leavesItBelowUrgent = ({ gradeLeft }: Residue): boolean =>
  gradeLeft !== 'Urgent' && gradeLeft !== 'Danger now';

/** Money for parts and labour of one remedy; call-out and the utility's fee are of the whole plan. */
export const costOfWork = (
  { parts, minutes }: Pick<ProblemRemedy, 'parts' | 'minutes'>,
  { labourRatePerHour }: Pick<Problem, 'labourRatePerHour'>,
): number => parts + (labourRatePerHour * minutes) / 60;
