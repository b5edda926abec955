/** Views of an inspection, in the order they are used. */
export const views = [
  ['walk', 'Walk'],
  ['supply', 'Supply'],
  ['circuits', 'Circuits'],
  ['readings', 'Readings'],
  ['judge', 'Judge'],
  ['plan', 'Plan'],
  ['notes', 'Notes'],
  ['history', 'History'],
  ['report', 'Report'],
] as const;
