const firstWaitMs = 250;
const longestWaitMs = 5000;
/** Whoever ran so long is not counted as failing at its start. */
const steadyMs = 20_000;

/**
 * After how long what ended is begun again: at once the first time, longer each time it fails at its start.
 * @param began when it was begun, milliseconds
 * @param failures how often it failed before
 */
export function beginAgain(began: number, failures: number): { failures: number; waitMs: number } {
  const now = Date.now() - began > steadyMs ? 1 : failures + 1;
  return { failures: now, waitMs: Math.min(longestWaitMs, firstWaitMs * 2 ** (now - 1)) };
}
