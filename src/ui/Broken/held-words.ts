import type { HeldHere } from '@/client/outbox/held-here';
import { countedEntries, countedFiles } from '@/core/vocabulary/phrases';

/** What is safe, after a page could not be drawn. Undefined: the device was not asked yet; null: it did not answer. */
export function heldWords(held: HeldHere | null | undefined): string {
  if (held === undefined) return 'Reading what this device holds.';
  if (held === null)
    return 'What this device holds could not be read just now. Nothing of it was changed by this fault.';
  const { entries, pictures } = held;
  if (entries + pictures === 0)
    return 'Nothing waits on this device to be sent: what was recorded here has arrived.';
  const what = [
    entries > 0 ? countedEntries(entries) : '',
    pictures > 0 ? `${countedFiles(pictures)} (photos, spoken notes)` : '',
  ]
    .filter(Boolean)
    .join(' and ');
  return `${what} recorded on this device ${entries + pictures === 1 ? 'has' : 'have'} not arrived yet, and ${entries + pictures === 1 ? 'is' : 'are'} kept here until then. Do not clear the data of this browser.`;
}
