import { parentPort } from 'node:worker_threads';
import loadHighs from 'highs';
import { follow, groundOf, namedPlans, plansAlong, prepare } from '@/core';
import type { PlanQuestion } from '@/core';

const highs = await loadHighs();
parentPort!.on('message', ({ entries, settings }: PlanQuestion) => {
  const start = performance.now();
  const prepared = prepare({
    ground: groundOf(follow(entries, settings)),
    book: settings.costBook,
  });
  namedPlans(highs, prepared);
  const named = performance.now() - start;
  const again = performance.now();
  const points = [...plansAlong(highs, prepared, 'repair', false).points].length;
  parentPort!.postMessage({ named, front: performance.now() - again, points });
});
