import type { Decoded, Hypothesis } from './decode';
import { isDead } from './decode';
import type { Round } from './plan';

const tries = 400;

/**
 * A further round that parts what is still open, best of many tried: the one that leaves the fewest
 * possibilities over all open outlets. Undefined where nothing is open, or nothing could part it.
 * @param chance gives numbers in [0, 1)
 */
export function nextRound(
  circuits: readonly string[],
  staysOn: readonly string[],
  decoded: readonly Decoded[],
  number: number,
  chance: () => number,
): Round | undefined {
  const open = decoded.flatMap((one) => (one.answer === 'open' ? [one.could] : []));
  const free = circuits.filter((circuit) => !staysOn.includes(circuit));
  if (open.length === 0 || free.length === 0) return undefined;
  const before = open.reduce((sum, could) => sum + could.length ** 2, 0);
  let best: { off: string[]; left: number } | undefined;
  for (let at = 0; at < tries; at += 1) {
    const share = 0.3 + 0.6 * chance();
    const off = at === 0 ? [...free] : free.filter(() => chance() < share);
    const set = new Set(off);
    const left = open.reduce((sum, could) => sum + leftAfter(could, set), 0);
    if (off.length > 0 && (!best || left < best.left)) best = { off, left };
  }
  return best && best.left < before ? { number, off: best.off } : undefined;
}

/** Expected possibilities left, weighed by how many there are. */
function leftAfter(could: readonly Hypothesis[], off: ReadonlySet<string>): number {
  const dead = could.filter((one) => isDead(one, off)).length;
  return dead ** 2 + (could.length - dead) ** 2;
}

/** Numbers in [0, 1) from a seed: linear congruential, for trying rounds out. */
export function chanceFrom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 0x1_0000_0000;
  };
}
