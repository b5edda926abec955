import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import type { PlanQuestion } from '@/core';
import type { PlanSays } from '@/workers/plan';
import type { Hears } from './plan-worker';
import { PlanWorker } from './plan-worker';

/** A worker that loads, answers and fails when the test says so. */
class Loading {
  static all: Loading[] = [];
  onmessage: ((event: { data: PlanSays }) => void) | undefined;
  onerror: ((event: { message: string }) => void) | undefined;
  ended = false;
  readonly asked: PlanQuestion[] = [];
  constructor() {
    Loading.all.push(this);
  }
  says(data: PlanSays) {
    this.onmessage?.({ data });
  }
  fails(message = 'failed to load') {
    this.onerror?.({ message });
  }
  postMessage(question: PlanQuestion) {
    this.asked.push(question);
  }
  terminate() {
    this.ended = true;
  }
}

const question = (forced: string) => ({ forced: [forced] }) as unknown as PlanQuestion;
const [first, second] = [question('a'), question('b')];
const nth = (at: number) => Loading.all.at(at)!;
const hearing = () => jest.fn<Hears>();
let worker: PlanWorker;

beforeEach(() => {
  jest.useFakeTimers();
  Loading.all = [];
  Object.assign(globalThis, { Worker: Loading });
  worker = new PlanWorker();
});
afterEach(() => {
  jest.useRealTimers();
});

describe('the worker that plans', () => {
  test('is not ended while it loads: the last question is asked once it is ready', () => {
    const [before, after] = [hearing(), hearing()];
    worker.ask(first, before);
    worker.ask(second, after);
    expect(Loading.all).toHaveLength(1);
    expect(nth(0).ended).toBe(false);
    nth(0).says({ kind: 'ready' });
    expect(nth(0).asked).toEqual([second]);
    nth(0).says({ kind: 'end' });
    expect(before).not.toHaveBeenCalled();
    expect(after.mock.calls).toEqual([[{ kind: 'end' }]]);
  });

  test('keeps its solver when idle, and is ended when another question comes in work', () => {
    const hears = hearing();
    worker.ask(first, hears);
    nth(0).says({ kind: 'ready' });
    nth(0).says({ kind: 'end' });
    worker.ask(second, hears);
    expect(Loading.all).toHaveLength(1);
    worker.ask(first, hears);
    expect(nth(0).ended).toBe(true);
    expect(Loading.all).toHaveLength(2);
    hears.mockClear();
    nth(0).says({ kind: 'end' });
    expect(hears).not.toHaveBeenCalled();
  });

  test.each([
    ['its program', () => nth(-1).fails()],
    ['its solver', () => nth(-1).says({ kind: 'unready', message: 'failed to load' })],
  ])('that could not load %s is begun again, three times, and then it is told', (_, fails) => {
    const hears = hearing();
    worker.ask(first, hears);
    for (const [nthTime, wait] of [200, 1000, 3000].entries()) {
      fails();
      expect(Loading.all).toHaveLength(nthTime + 1);
      jest.advanceTimersByTime(wait);
      expect(Loading.all).toHaveLength(nthTime + 2);
    }
    expect(hears).not.toHaveBeenCalled();
    fails();
    expect(hears.mock.calls).toEqual([[{ kind: 'trouble', message: 'failed to load' }]]);
    // Asked anew, it is tried anew.
    worker.ask(second, hears);
    nth(-1).says({ kind: 'ready' });
    expect(nth(-1).asked).toEqual([second]);
  });

  test('that fails in work says so and is not asked the same again', () => {
    const hears = hearing();
    worker.ask(first, hears);
    nth(0).says({ kind: 'ready' });
    nth(0).fails('out of memory');
    jest.runAllTimers();
    expect(Loading.all).toHaveLength(1);
    expect(hears.mock.calls).toEqual([[{ kind: 'trouble', message: 'out of memory' }]]);
  });

  test('cancelled: nothing more is heard, and what loads is kept for the next question', () => {
    const hears = hearing();
    worker.ask(first, hears);
    worker.cancel();
    nth(0).says({ kind: 'ready' });
    expect(nth(0).asked).toEqual([]);
    worker.ask(second, hears);
    expect(nth(0).asked).toEqual([second]);
    worker.cancel();
    expect(nth(0).ended).toBe(true);
  });
});
