import { parentPort } from 'node:worker_threads';
import loadHighs from 'highs';
import { follow, groundOf, namedPlans, plansAlong, prepare } from '@/core';
import type { PlanQuestion } from '@/core';
import type { PlacementProblem } from '@/core/advise/placing/placement-problem';
import { place } from '@/core/advise/placing/place';

const highs = await loadHighs();
type Asked = PlanQuestion | { placement: PlacementProblem };
parentPort!.on('message', (asked: Asked) => {
  if ('placement' in asked) {
    const begun = performance.now();
    const placement = place(highs, asked.placement);
    parentPort!.postMessage({ ms: performance.now() - begun, minutes: placement?.minutes });
    return;
  }
  const { entries, settings } = asked;
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
