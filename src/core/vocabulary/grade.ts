/** Grades, gravest first. */
export const grades = ['danger', 'urgent', 'repair', 'plan', 'note'] as const;
export type Grade = (typeof grades)[number];

export const gradeWords: Record<Grade, string> = {
  danger: 'Danger now',
  urgent: 'Urgent',
  repair: 'Repair',
  plan: 'Plan',
  note: 'Note',
};

/** What the client is told to do. {days} is a setting, {before} follows from who the client is. */
export const gradeAdvice: Record<Grade, string> = {
  danger: 'Make safe today, before anyone relies on it.',
  urgent: 'Licensed repair within {days} days, {before}.',
  repair: 'Licensed repair within {days} days, or at the next visit.',
  plan: 'Working, near the end of its life or the edge of its limits: budget for it, with a date.',
  note: 'On record.',
};

/** What a grade asks for, where no single deadline is meant: in the key of a report. */
export const gradeKeyWords = (grade: Grade): string =>
  gradeAdvice[grade].replace(/within \{days\} days(, \{before\})?/, 'by its date');

/** Of two grades, the graver. */
export const graver = (a: Grade, b: Grade): Grade =>
  grades.indexOf(a) <= grades.indexOf(b) ? a : b;
