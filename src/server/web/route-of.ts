/** First words of our paths behind which stands whatever nobody else may read. */
const closed = new Set(['r', 'join', 'reset', 'found', 'pictures', 'issued', 'inspections']);
const known = new Set([
  ...closed,
  ...['account', 'api', 'gallery', 'health', 'icon.svg', 'library', 'mailbox', 'office', 'sign-in'],
  ...['sign-out', 'standing', 'standing.json', '_next'],
]);
const views =
  /^(circuits|data|history|issue|judge|notes|package\.zip|plan|readings|report|report\.json|report\.pdf|return|round\.json|submit|acknowledge|supply|thermal\.csv|walk)$/;

/** A path as its route: no id, token or digest in it; what is none of ours is "other". */
export function routeOf(path: string): string {
  const [first = '', second, ...rest] = path.split('/').slice(1);
  if (first === '') return '/';
  if (!known.has(first)) return 'other';
  if (first === '_next') return '/_next';
  if (!closed.has(first))
    return `/${[first, second, ...rest].filter((one) => one !== undefined && /^[a-z.-]{1,40}$/.test(one)).join('/')}`;
  const view = [second, ...rest]
    .slice(second === 'submit' ? 0 : 1)
    .filter((one) => one !== undefined && views.test(one));
  return `/${[first, ...(second === undefined || second === 'submit' ? [] : ['*']), ...view].join('/')}`;
}
