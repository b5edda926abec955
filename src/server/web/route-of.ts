/** Paths the front answers itself. */
const own = [
  '/health/live',
  '/health/ready',
  '/standing',
  '/standing.json',
  '/sw.js',
  '/draft.js',
  '/api/live/stream',
];

/**
 * Names a path by its route, for logs and metrics: no id, token or digest in it, and never more names than there
 * are routes. What is none of ours is "other".
 * @param routes of the build, such as /inspections/[id]/walk
 */
export function routeNamer(routes: readonly string[]): (path: string) => string {
  const exact = new Set([...own, ...routes.filter((route) => !route.includes('['))]);
  const patterns = routes
    .filter((route) => route.includes('['))
    .map((route) => ({
      name: route.replaceAll(/\[\w+\]/g, '*'),
      pattern: new RegExp(`^${route.replaceAll('.', '\\.').replaceAll(/\[\w+\]/g, '[^/]+')}$`),
    }));
  return (path) => {
    if (path.startsWith('/_next/')) return '/_next';
    if (exact.has(path)) return path;
    return patterns.find(({ pattern }) => pattern.test(path))?.name ?? 'other';
  };
}
