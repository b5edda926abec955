import type { Audience } from '@/core/show/report/audience';
import type { Sheet } from '@/core/show/report/blocks/sheet';
import type { Drafted } from '@/core/show/report/draft';
import { draftSheet } from '@/core/show/report/draft';

/** What is to be composed, for whom, and the moment that counts as now. */
export interface DraftQuestion {
  drafted: Drafted;
  audience: Audience;
  now: Date;
}

export type DraftSays = { kind: 'composed'; sheet: Sheet } | { kind: 'trouble'; message: string };

const say = (says: DraftSays) => self.postMessage(says);

/** Judges an inspection and composes its report off the page’s own thread. */
self.onmessage = ({ data }: MessageEvent<DraftQuestion>) => {
  try {
    say({ kind: 'composed', sheet: draftSheet(data.drafted, data.audience, data.now).sheet });
  } catch (error) {
    say({ kind: 'trouble', message: error instanceof Error ? error.message : String(error) });
  }
};
