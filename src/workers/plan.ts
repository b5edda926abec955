import loadHighs from 'highs';
import { workOut } from '@/core';
import type { PlanAnswer, PlanQuestion } from '@/core';

/** Ready once the solver is loaded; then a question’s answer piece by piece. */
export type PlanSays =
  | { kind: 'ready' }
  | { kind: 'unready'; message: string }
  | PlanAnswer
  | { kind: 'trouble'; message: string };

const say = (says: PlanSays) => self.postMessage(says);
const messageOf = (error: unknown) => (error instanceof Error ? error.message : String(error));

/** Loaded once, with its program of this build. */
const solver = loadHighs();
void solver.then(
  () => say({ kind: 'ready' }),
  (error: unknown) => say({ kind: 'unready', message: messageOf(error) }),
);

/** Works plans out off the page’s own thread; ending the worker cancels it. */
self.onmessage = async ({ data }: MessageEvent<PlanQuestion>) => {
  try {
    for (const answer of workOut(await solver, data)) say(answer);
  } catch (error) {
    say({ kind: 'trouble', message: messageOf(error) });
  }
};
