import type { Grade } from '../../vocabulary/grade';

/**
 * The mark of each grade on a 12-unit grid, told apart by shape alone: a square split by a slant,
 * a pennant, an open jaw, a ring, a bar. Filled with the even-odd rule.
 */
export const gradeMarks: Record<Grade, string> = {
  danger: 'M0 1H7.6L3.4 12H0zM8.8 0H12V11H4.6z',
  urgent: 'M0 0H1.8V12H0zM2.6 0.6L12 4.4L2.6 8.2z',
  repair: 'M0 0H3.6V6L5 7.4H7L8.4 6V0H12V8.2L8.4 12H3.6L0 8.2z',
  plan: 'M6 0.4A5.6 5.6 0 1 1 5.99 0.4zM6 2.9A3.1 3.1 0 1 0 6.01 2.9z',
  note: 'M0.5 4.4H11.5V7.6H0.5z',
};
