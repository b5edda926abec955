import type { Kept, KeptPicture } from './kept';

/** Inspections kept at most; what the office set and the list of Today are kept besides. */
export const mostKept = 40;

const ofInspection = /^\/api\/(books|returns)\/([^/?]+)$/;
/** A list that was searched for: it is of use for a moment. */
const ofSearch = /^\/api\/today\?/;

/** The inspection an answer is of; undefined: of none. */
export const inspectionAt = (path: string): string | undefined => {
  const id = ofInspection.exec(path)?.[2];
  return id === undefined ? undefined : decodeURIComponent(id);
};

/**
 * What need not be kept any longer: of more inspections than are kept, those not opened for longest.
 * @param staying inspections that stay whatever else leaves: pinned, or with entries that have not arrived
 */
export function leaving(
  all: readonly Kept[],
  staying: ReadonlySet<string> = new Set(),
  most = mostKept,
): Kept[] {
  const lastOpened = new Map<string, string>();
  for (const { path, opened } of all) {
    const id = inspectionAt(path);
    if (id === undefined) continue;
    const before = lastOpened.get(id);
    if (before === undefined || Date.parse(opened) > Date.parse(before)) lastOpened.set(id, opened);
  }
  const room = Math.max(0, most - [...lastOpened.keys()].filter((id) => staying.has(id)).length);
  const lately = [...lastOpened]
    .filter(([id]) => !staying.has(id))
    .sort(([, a], [, b]) => Date.parse(b) - Date.parse(a))
    .slice(0, room)
    .map(([id]) => id);
  const here = new Set([...lately, ...staying]);
  return all.filter(({ path }) => {
    const id = inspectionAt(path);
    return id === undefined ? ofSearch.test(path) : !here.has(id);
  });
}

/** Pictures of no inspection that is still here. */
export const picturesLeaving = (
  pictures: readonly Omit<KeptPicture, 'blob'>[],
  here: ReadonlySet<string>,
): Omit<KeptPicture, 'blob'>[] =>
  pictures.filter(({ inspections }) => !inspections.some((id) => here.has(id)));
