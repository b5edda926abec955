/** Stands in a kept page where the id of the inspection asked for will: it could be one itself. */
export const idMark = 'id-of-the-inspection-asked-for';

/** The views of an inspection that are drawn on the device: their pages say nothing of anybody. */
export const bookViews = [
  'circuits',
  'history',
  'judge',
  'notes',
  'plan',
  'readings',
  'report',
  'return',
  'supply',
  'walk',
] as const;

const viewPath = new RegExp(`^/inspections/([A-Za-z0-9_-]{1,64})/(${bookViews.join('|')})$`);

/** The page that says that the server is not reached, where a page is the server’s alone. */
export const noNetworkPath = '/no-network';

/** Every page that is the same for everybody, by the path it is kept under. */
export const shellPaths: readonly string[] = [
  '/',
  '/library',
  noNetworkPath,
  ...bookViews.map((view) => `/inspections/${idMark}/${view}`),
];

/** Which kept page a path is answered with, and the id to fill in; undefined: none. */
export function shellAt(path: string): { path: string; id: string } | undefined {
  if (path === '/' || path === '/library') return { path, id: '' };
  const [, id, view] = viewPath.exec(path) ?? [];
  return id === undefined ? undefined : { path: `/inspections/${idMark}/${view}`, id };
}
