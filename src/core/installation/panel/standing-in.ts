import type { FactReader } from '../../record/entries/fact-reader';
import { splitRef } from '../../record/entries/thing-types';

/** The thing or part that stands today where the one of this reference stood. */
export type StandsToday = (ref: string) => string;

/**
 * What was said of a device, of its screws, or of a finding there is found at the one that stands
 * instead of it, screw by screw; of what was not replaced, at itself.
 */
export const standsToday = (reader: FactReader): StandsToday =>
  reader.once(standsToday, () => standingIn(reader));

function standingIn(reader: FactReader): StandsToday {
  const next = new Map<string, string>();
  for (const { id, type } of reader.inspection.things.values()) {
    if (type !== 'device' || reader.value(id, 'removed')) continue;
    const old = reader.value(id, 'insteadOf');
    if (old !== undefined && old !== id) next.set(old, id);
  }
  return (ref) => {
    if (next.size === 0) return ref;
    const { thing, part } = splitRef(ref);
    const seen = new Set([thing]);
    let now = thing;
    for (let after = next.get(now); after && !seen.has(after); after = next.get(now)) {
      seen.add(after);
      now = after;
    }
    return part === undefined ? now : `${now}/${part}`;
  };
}

/** The key of a finding, rule and place, at what stands there today. */
export const keyToday = (reader: FactReader, key: string): string => {
  const bar = key.indexOf('|');
  return bar < 0 ? key : `${key.slice(0, bar)}|${standsToday(reader)(key.slice(bar + 1))}`;
};
