import type { Kept } from './kept';

/** What is looked through of a line of Today. */
interface Line {
  place?: unknown;
  address?: unknown;
  issuedAs?: unknown;
}

const words = (text: unknown): string[] =>
  typeof text === 'string' ? (text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []) : [];

/**
 * The list of Today that is kept, narrowed to what has every word asked for, by its beginning: in place, address and
 * number. The server looks through more.
 */
export function searchKept(kept: Kept, asked: string, path: string): Kept {
  const terms = words(asked);
  const { inspections = [], ...sent } = kept.sent as { inspections?: readonly Line[] };
  const found = inspections.filter(({ place, address, issuedAs }) => {
    const here = [place, address, issuedAs].flatMap(words);
    return terms.every((term) => here.some((word) => word.startsWith(term)));
  });
  return { ...kept, path, sent: { ...sent, due: [], inspections: found } };
}
