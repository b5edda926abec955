import type { CostBook } from '../../codes/cost-book/cost-book';
import type { Assessment } from '../../judge/assess/assessment';
import type { Grade } from '../../vocabulary/grade';
import type { Room, RoomKind } from '../remedies/remedy';
import type { GradeLeft, Problem } from '../choosing/problem';
import { partsCost } from './cost-of';
import { roomIn } from './build-options';
import type { Left, Option } from './option';
import { mendsItsOwnOnly, possible, renewsPanel } from './option';
import { ampsLeft } from './wish';

const gradeWords: Record<Grade, GradeLeft> = {
  danger: 'Danger now',
  urgent: 'Urgent',
  repair: 'Repair',
  plan: 'Plan',
  note: 'Note',
};
const ladder: readonly GradeLeft[] = ['none', 'Note', 'Plan', 'Repair', 'Urgent', 'Danger now'];
const rank = (grade: Grade | undefined) => ladder.indexOf(grade ? gradeWords[grade] : 'none');

/** Nothing graver than this may be left. */
export type Aim = 'repair' | 'plan' | 'note';

/** Not less room than anything could use: of a kind nobody counted. */
const notCounted = 1000;

/** What is asked of the solver: findings, options, room, and the gravest grade that may stay. */
export function problemOf(
  { findings, site, yardstick }: Assessment,
  options: readonly Option[],
  wishes: readonly WishNeed[],
  book: CostBook,
  aim: Aim,
): { problem: Problem; without: string[] } {
  const able = options.filter(possible);
  const limit = rank(aim);
  // What leaves more than the aim allows does not count as mending what is graver than it.
  const countsFor = (grade: Grade, left: Left) => rank(grade) <= limit || rank(left.grade) <= limit;
  const work = (option: Option) => ({
    id: option.id,
    parts: partsCost(option.parts, book).likely,
    minutes: option.minutes[1],
    uses: kindsOf(option.uses, option.panel),
    frees: kindsOf(option.frees, option.panel),
    needsUtility: option.needsUtility,
  });
  const gradeOf = new Map(findings.map(({ key, grade }) => [key, grade]));
  const globals = able
    .filter(
      (option) =>
        !mendsItsOwnOnly(option) &&
        (option.leaves.size > 0 ||
          Object.keys(option.frees).length > 0 ||
          wishes.some(({ coveredBy }) => coveredBy(option))),
    )
    .map((option) => ({
      ...work(option),
      covers: {
        ...Object.fromEntries(
          [...option.leaves]
            .filter(([key, left]) => countsFor(gradeOf.get(key)!, left))
            .map(([key, left]) => [
              key,
              {
                gradeLeft: left.grade ? gradeWords[left.grade] : ('none' as const),
                riskLeftPoints: left.points,
              },
            ]),
        ),
        ...Object.fromEntries(
          wishes
            .filter(({ coveredBy }) => coveredBy(option))
            .map(({ id }) => [id, { gradeLeft: 'none' as const, riskLeftPoints: 0 }]),
        ),
      },
      excludes: excludedBy(option, able),
    }));
  const known = new Set(globals.map(({ id }) => id));
  const without: string[] = [];
  const asked = findings.map(({ key, grade, points }) => {
    const remedies = able
      .filter(
        (option) =>
          mendsItsOwnOnly(option) &&
          option.finding === key &&
          countsFor(grade, option.leaves.get(key)!),
      )
      .map((option) => {
        const left = option.leaves.get(key)!;
        return {
          ...work(option),
          gradeLeft: left.grade ? gradeWords[left.grade] : ('none' as const),
          riskLeftPoints: left.points,
        };
      });
    const grave = rank(grade) > limit;
    const has = remedies.length > 0 || globals.some(({ covers }) => covers[key] !== undefined);
    if (grave && !has) without.push(key);
    return { id: key, riskPoints: points, mustMend: grave && has, remedies };
  });
  const room: Record<string, number> = {};
  for (const panel of site.panels) {
    const there = roomIn(panel, { site });
    for (const kind of [
      'positions',
      'neutralTerminals',
      'groundTerminals',
      'labelCircuits',
    ] as const)
      room[`${kind}@${panel.id}`] = there[kind] ?? notCounted;
    room[`amps@${panel.id}`] = ampsLeft(site, panel, yardstick);
  }
  return {
    problem: {
      labourRatePerHour: book.labourRatePerHour,
      callOutFee: book.callOutFee,
      utilityFee: book.utilityFee,
      room,
      findings: [
        ...asked,
        ...wishes.map(({ id, options: ways }) => ({
          id,
          riskPoints: 0,
          mustMend: true,
          remedies: ways.filter(possible).map((option) => ({
            ...work(option),
            gradeLeft: 'none' as const,
            riskLeftPoints: 0,
          })),
        })),
      ],
      globalRemedies: globals.map((one) => ({
        ...one,
        excludes: one.excludes.filter((id) => known.has(id)),
      })),
      riskLimits: [],
    },
    without,
  };
}

/** A wish as the solver sees it. */
export interface WishNeed {
  id: string;
  options: readonly Option[];
  coveredBy(option: Option): boolean;
}

const kindsOf = (room: Room, panel: string): Record<string, number> =>
  Object.fromEntries(
    (Object.entries(room) as [RoomKind, number][])
      .filter(([, many]) => many > 0)
      .map(([kind, many]) => [`${kind}@${panel}`, many]),
  );

/** Whole-panel works of one panel that cannot both be done, and ways of one remedy. */

function excludedBy(option: Option, all: readonly Option[]): string[] {
  return all
    .filter(
      (other) =>
        other.id !== option.id &&
        other.panel === option.panel &&
        ((option.finding === undefined &&
          other.finding === undefined &&
          (other.remedy.id === option.remedy.id ||
            (renewsPanel.has(option.remedy.id) && renewsPanel.has(other.remedy.id)))) ||
          // Two ways to mend the same thing are a choice, also where one mends more besides.
          (option.finding !== undefined && option.finding === other.finding)),
    )
    .map(({ id }) => id);
}
