import { saveSettings } from '@/server/commands/save-settings';
import { postings } from '@/server/web/posting';
import { answering } from '../../session/answering';
import { faults, readJson } from '../../session/read-json';

/** Replaces the organisation's settings. */
export const POST = answering(async (request) => {
  const read = await readJson(request, postings.settings);
  if ('answer' in read) return read.answer;
  const saved = await saveSettings(read.session, read.body);
  return saved.ok ? Response.json({ settings: saved.settings }) : faults(400, ...saved.faults);
});
