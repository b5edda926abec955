import fc from 'fast-check';
import type { Problem } from '../advise/choosing/problem';
import { gradesLeft } from '../advise/choosing/problem';

const kinds = ['positions', 'tandemPositions', 'neutralTerminals'] as const;
const money = fc.oneof(
  fc.integer({ min: 0, max: 60 }),
  fc.integer({ min: 0, max: 6000 }).map((cents) => cents / 100),
);
const points = fc.constantFrom(0, 1, 3, 9, 10, 30, 90, 100, 300, 900);
const rooms = fc.dictionary(fc.constantFrom(...kinds), fc.integer({ min: 0, max: 3 }), {
  maxKeys: 2,
});

/** Any problem of so many findings at most: figures collide often, so that ties and dominance occur. */
export const anyProblem = (mostFindings: number, mostGlobals = 3): fc.Arbitrary<Problem> =>
  fc
    .record({
      labourRatePerHour: fc.constantFrom(0, 60, 95),
      callOutFee: fc.constantFrom(0, 45, 90),
      utilityFee: fc.constantFrom(0, 140),
      room: rooms,
      findings: fc.array(
        fc.record({
          riskPoints: points,
          mustMend: fc.boolean().map((one) => one),
          remedies: fc.array(
            fc.record({
              parts: money,
              minutes: fc.constantFrom(0, 10, 20, 60),
              gradeLeft: fc.constantFrom(...gradesLeft),
              riskLeftPoints: points,
              uses: rooms,
              frees: fc.oneof(
                { weight: 3, arbitrary: fc.constant({}) },
                { weight: 1, arbitrary: rooms },
              ),
              needsUtility: fc.oneof({ weight: 4, arbitrary: fc.constant(false) }, fc.boolean()),
            }),
            { maxLength: 3 },
          ),
        }),
        { maxLength: mostFindings },
      ),
      globals: fc.array(
        fc.record({
          parts: money,
          minutes: fc.constantFrom(0, 30, 240),
          uses: rooms,
          frees: rooms,
          needsUtility: fc.boolean(),
          covers: fc.array(fc.tuple(fc.nat(), fc.constantFrom(...gradesLeft), points), {
            maxLength: 4,
          }),
          excludes: fc.array(fc.nat(), { maxLength: 1 }),
        }),
        { maxLength: mostGlobals },
      ),
      riskLimits: fc.array(points, { maxLength: 3 }),
    })
    .map(({ findings, globals, ...rest }) => ({
      ...rest,
      findings: findings.map(({ remedies, ...finding }, nth) => ({
        id: `f${nth}`,
        ...finding,
        remedies: remedies.map((remedy, at) => ({ id: `r${at}`, ...remedy })),
      })),
      globalRemedies: globals.map(({ covers, excludes, ...global }, nth) => ({
        id: `g${nth}`,
        ...global,
        covers: Object.fromEntries(
          (findings.length === 0 ? [] : covers).map(([at, gradeLeft, riskLeftPoints]) => [
            `f${at % findings.length}`,
            { gradeLeft, riskLeftPoints },
          ]),
        ),
        excludes: excludes.map((at) => `g${at % globals.length}`).filter((id) => id !== `g${nth}`),
      })),
    }));
