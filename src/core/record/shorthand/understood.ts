import type { Facts } from '../entries/properties';
import type { Line } from './line';
import type { Word } from './parse-words';

/** What a line about the panel says, or what is wrong with it and at which word. */
export type Understood = { line: Line; meanings: string[] } | { fault: string; at?: number };

/** A figure with its unit left off: 20a, 820mm. */
export const number = (word: Word | undefined) => Number(word?.text.replace(/(a|mm|v|ka)$/i, ''));
export const panel = (facts: Facts, ...meanings: string[]): Understood => ({
  line: { kind: 'panel', facts },
  meanings,
});
