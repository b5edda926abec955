import type { Kept } from './kept';

/** Inspections kept at most; what the office set and the list of Today are kept besides. */
export const mostKept = 40;

const ofInspection = /^\/api\/(books|returns)\/([^/?]+)$/;
/** A list that was searched for: it is of use for a moment. */
const ofSearch = /^\/api\/today\?/;

/**
 * What need not be kept any longer: of more inspections than are kept, those not opened for longest. What is held is
 * not here: of an inspection that leaves, no entry is lost.
 */
export function leaving(all: readonly Kept[]): Kept[] {
  const lastOpened = new Map<string, string>();
  for (const { path, opened } of all) {
    const id = ofInspection.exec(path)?.[2];
    if (id === undefined) continue;
    const before = lastOpened.get(id);
    if (before === undefined || Date.parse(opened) > Date.parse(before)) lastOpened.set(id, opened);
  }
  const staying = new Set(
    [...lastOpened]
      .sort(([, a], [, b]) => Date.parse(b) - Date.parse(a))
      .slice(0, mostKept)
      .map(([id]) => id),
  );
  return all.filter(({ path }) => {
    const id = ofInspection.exec(path)?.[2];
    return id === undefined ? ofSearch.test(path) : !staying.has(id);
  });
}
