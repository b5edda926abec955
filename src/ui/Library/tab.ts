import type { Settings } from '@/core/codes/settings/settings';

export interface LibraryTab {
  settings: Settings;
  /** Saves and gives nothing, or says why not. */
  save(settings: Settings): Promise<string | undefined>;
}
