import type { SiteView } from '../../installation/panel/site-view';
import type { PanelView } from '../../installation/panel/views';
import type { Draft } from './draft';

export type Recorded = { ok: true; drafts: Draft[] } | { ok: false; message: string };

/** What a line is recorded against. */
export interface RecordingBench {
  site: SiteView;
  panel: PanelView;
  newId(): string;
}
