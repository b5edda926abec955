/**
 * The runner follows each test by a store of its own and never gives it back: every promise of every later
 * test file then passes through the stores of all before. Those of files that are through are given back.
 */
import { AsyncLocalStorage } from 'node:async_hooks';

interface Followed {
  used?: Set<AsyncLocalStorage<unknown>>;
}
const known = AsyncLocalStorage as unknown as Followed;
if (!known.used) {
  known.used = new Set();
  const { run } = AsyncLocalStorage.prototype;
  AsyncLocalStorage.prototype.run = function (
    this: AsyncLocalStorage<unknown>,
    ...given: Parameters<typeof run>
  ) {
    known.used!.add(this);
    return run.apply(this, given);
  } as typeof run;
}
for (const one of known.used) one.disable();
known.used.clear();
