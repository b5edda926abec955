import { saveSettings } from '@/server/commands/save-settings';
import { postings } from '@/server/web/posting';
import { answering } from '@/server/web/answering';
import { faults, readJson } from '@/server/web/read-json';

/**
 * Replaces the organisation's settings, where they are still of the version named by If-Match; else 412,
 * with those that stand now.
 */
export const POST = answering(async (request) => {
  const read = await readJson(request, postings.settings);
  if ('answer' in read) return read.answer;
  const base = /^"(\d{1,9})"$/.exec(request.headers.get('if-match') ?? '')?.[1];
  if (base === undefined)
    return faults(428, 'Say which version was changed: expected a header such as If-Match: "3".');
  const saved = await saveSettings(read.session, read.body, Number(base));
  if (saved.ok) return Response.json({ settings: saved.settings, version: saved.version });
  return 'now' in saved
    ? Response.json({ faults: saved.faults, ...saved.now }, { status: 412 })
    : faults(400, ...saved.faults);
});
