/** Views of ours, by their paths: nowhere else is anybody sent after signing in. */
const ours =
  /^\/(?:(?:inspections|library|office|account|issued)(?:\/[A-Za-z0-9_~-][A-Za-z0-9._~-]*)*)?(?:\?[A-Za-z0-9._~=&%+-]*)?$/;

/** Where to go after signing in: a view of ours, else Today. */
export const wantedAfter = (path: string | undefined): string =>
  path !== undefined && path.length <= 300 && ours.test(path) ? path : '/';

/** Path of the page one signs in on, from where one was. */
export function signInPath(from: string, outcome?: string): string {
  const after = wantedAfter(from);
  const query = new URLSearchParams({
    ...(after !== '/' && { after }),
    ...(outcome !== undefined && { outcome }),
  }).toString();
  return query ? `/sign-in?${query}` : '/sign-in';
}
