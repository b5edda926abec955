/** Schools of grading, the cautious one first. */
export const schools = ['by-the-label', 'by-the-evidence', 'by-the-calendar'] as const;
export type School = (typeof schools)[number];

export const schoolWords: Record<School, string> = {
  'by-the-label': 'By the label',
  'by-the-evidence': 'By the evidence',
  'by-the-calendar': 'By the calendar',
};
