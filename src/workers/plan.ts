import loadHighs from 'highs';
import type { Highs } from 'highs';
import { workOut } from '@/core';
import type { PlanAnswer, PlanQuestion } from '@/core';

export type PlanSays = PlanAnswer | { kind: 'trouble'; message: string };

/** The solver is loaded once; its program comes from this server. */
let solver: Promise<Highs> | undefined;

async function load(): Promise<Highs> {
  const response = await fetch('/api/solver');
  if (!response.ok) throw new Error(`the solver could not be fetched: ${response.status}`);
  return loadHighs({ wasmBinary: await response.arrayBuffer() });
}

const say = (says: PlanSays) => self.postMessage(says);

/** Works plans out off the page’s own thread; ending the worker cancels it. */
self.onmessage = async ({ data }: MessageEvent<PlanQuestion>) => {
  try {
    for (const answer of workOut(await (solver ??= load()), data)) say(answer);
  } catch (error) {
    solver = undefined;
    say({ kind: 'trouble', message: error instanceof Error ? error.message : String(error) });
  }
};
