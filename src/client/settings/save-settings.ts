import type { Settings } from '@/core/codes/settings/settings';
import { postJson } from '../http';
import { mergeSettings } from './merge-settings';

interface Versioned {
  settings: Settings;
  version: number;
}

export interface SavedSettings {
  /** What stands on the server now, where it was heard. */
  now?: Versioned;
  /** Why what was asked for was not kept. */
  fault?: string;
}

const partWords: Partial<Record<string, string>> = {
  families: 'the families',
  costBook: 'the cost book',
  wording: 'the wording of rules',
  deadlineDays: 'the deadlines',
  amendments: 'the amendments',
  school: 'the school of grading',
};

/**
 * Saves settings changed from a version. Where somebody else saved meanwhile the two are laid together, and
 * asked again; where both changed the same nothing is overwritten, and that is said.
 */
export async function saveSettings(
  { from, base, next }: { from: Settings; base: number; next: Settings },
  tries = 3,
): Promise<SavedSettings> {
  const answer = await postJson<Versioned>('/api/settings', next, {
    headers: { 'if-match': `"${base}"` },
  });
  if (answer.ok) return { now: answer.value };
  if (answer.status === 0) return { fault: 'No connection: nothing was changed.' };
  const theirs = answer.status === 412 ? (answer.said as Partial<Versioned>) : undefined;
  if (!theirs?.settings || theirs.version === undefined) return { fault: answer.faults.join(' ') };
  const merged = mergeSettings(from, next, theirs.settings);
  if ('settings' in merged && tries > 0)
    return saveSettings(
      { from: theirs.settings, base: theirs.version, next: merged.settings },
      tries - 1,
    );
  const both =
    'both' in merged ? merged.both.map((part) => partWords[part] ?? part).join(', ') : '';
  return {
    now: { settings: theirs.settings, version: theirs.version },
    fault: `Somebody else changed ${both || 'the settings'} since you opened them; theirs stand. Nothing of yours was kept yet: look at theirs, and save yours again if it is still right.`,
  };
}
