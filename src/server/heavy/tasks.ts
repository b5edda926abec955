import type { Entry } from '@/core/record/entries/entry';
import { parseIncoming } from '@/core';
import type { Fault, Parsed } from '@/core/vocabulary/fault';
import type { Settings } from '@/core/codes/settings/settings';
import type { CheckedPicture } from '../commands/check-picture';
import { checkPicture } from '../commands/check-picture';
import type { CheckedSound } from '../commands/check-sound';
import { checkSound } from '../commands/check-sound';
import type { Figures } from '../commands/figures';
import { figuresOf } from '../commands/figures';
import { readPackage } from '../package-file';
import type { ReadPackage } from '../package-file';
import { attachedPackage, isPdf } from '../pdf-attachment';

/** A package as it was sent, by itself or attached to a report, and its pictures held to what may be kept. */
export interface Sent extends Omit<ReadPackage, 'pictures' | 'sounds'> {
  pictures: CheckedPicture[];
  sounds: CheckedSound[];
}

async function readSent(bytes: Uint8Array): Promise<Parsed<Sent>> {
  const sent = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const attached = isPdf(sent) ? await attachedPackage(sent) : { ok: true as const, zip: sent };
  if (!attached.ok) return refused('report', 'a report with its package', attached.reason);
  const read = await readPackage(attached.zip);
  if (!read.ok) return read;
  const { pictures: files, sounds: spoken, ...rest } = read.value;
  const pictures: CheckedPicture[] = [];
  for (const [digest, file] of files) {
    const checked = await checkPicture(file, 'packed');
    if (!checked.ok) return refused(`pictures/${digest}`, 'a picture to keep', checked.reason);
    pictures.push(checked.picture);
  }
  const sounds: CheckedSound[] = [];
  for (const [digest, file] of spoken) {
    const checked = checkSound(file);
    if (!checked.ok) return refused(`sounds/${digest}`, 'a spoken note to keep', checked.reason);
    sounds.push(checked.sound);
  }
  return { ok: true, value: { ...rest, pictures, sounds } };
}

const parseEntries = (raw: readonly unknown[]): Promise<Parsed<Entry>[]> =>
  Promise.resolve(raw.map((one) => parseIncoming(one)));

const figures = (given: { entries: Entry[]; settings: Settings }): Promise<Figures> =>
  Promise.resolve(figuresOf(given.entries, given.settings));

const refused = (path: string, expected: string, got: string): { ok: false; faults: Fault[] } => ({
  ok: false,
  faults: [{ path, expected, got }],
});

/** What takes long enough to hold others up: run in threads of their own. Everything goes in and out by value. */
export const tasks = {
  readSent,
  parseEntries,
  figures,
  checkPicture: (sent: Uint8Array) => checkPicture(sent),
};

/** One task by its name, as a thread is asked. */
export default async function run({ name, given }: { name: keyof typeof tasks; given: never }) {
  return tasks[name](given);
}
