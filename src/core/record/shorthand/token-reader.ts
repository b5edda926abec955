import type { PositionLine } from './line';

export type TokenResult = { meaning: string } | { fault: string };

/** One kind of word on a breaker's line. */
export interface TokenReader {
  /** Which words it takes. Words no reader takes begin the circuit's name. */
  pattern: RegExp;
  read(text: string, line: PositionLine): TokenResult;
  /** For the card: form, and what it says. */
  card: readonly [string, string];
}
