import { properties } from '../entries/properties';
import type { PropertyValue } from '../entries/properties';
import type { ParsedLine } from './line';
import type { Word } from './parse-words';

/** Lines that are about the panel, by their first word. */
export const panelLineHeads: ReadonlySet<string> = new Set(['main', 'bond', 'depth']);

const bonds: Record<string, PropertyValue<'bond'>> = {
  strap: 'strap',
  screw: 'screw',
  can: 'bar-in-can',
  none: 'none',
};

/** `main 100 @maker`, `bond strap`, `depth 690`. */
export function parsePanelLine(words: readonly Word[]): ParsedLine {
  const [head, second, third] = words as [Word, Word?, Word?];
  const word = head.text.toLowerCase();
  const headToken = {
    ...head,
    reading: { main: 'main breaker', bond: 'neutral to enclosure', depth: 'clear depth in front' }[
      word
    ]!,
  };
  const fault = (at: Word, message: string): ParsedLine => ({
    tokens: [headToken],
    line: undefined,
    faults: [{ start: at.start, end: at.end, message }],
  });
  if (!second)
    return fault(
      head,
      {
        main: 'name its rating: main 100',
        bond: 'bond strap, screw, can or none',
        depth: 'name the depth in mm: depth 690',
      }[word]!,
    );
  if (word === 'bond') {
    const bond = bonds[second.text.toLowerCase()];
    if (!bond) return fault(second, 'after bond: strap, screw, can or none');
    const reading = properties.bond.choices[bond];
    return {
      tokens: [headToken, { ...second, reading }],
      line: { kind: 'panel', bond },
      faults: [],
    };
  }
  const number = Number(second.text.replace(/(a|mm)$/i, ''));
  if (word === 'depth') {
    if (!(number >= 0 && number <= 20000)) return fault(second, 'a depth in mm, 0 to 20000');
    return {
      tokens: [headToken, { ...second, reading: `${number} mm` }],
      line: { kind: 'panel', depthMm: number },
      faults: [],
    };
  }
  if (!Number.isInteger(number) || number < 30 || number > 1200)
    return fault(second, 'a main is 30 to 1200 A');
  const maker = third?.text.startsWith('@') ? third.text.slice(1) : undefined;
  if (third && !maker) return fault(third, 'after the rating only @maker');
  const tokens = [headToken, { ...second, reading: `${number} A` }];
  if (third && maker) tokens.push({ ...third, reading: maker });
  return {
    tokens,
    line: {
      kind: 'main',
      ratingA: number,
      ...(maker && { maker: maker.charAt(0).toUpperCase() + maker.slice(1) }),
    },
    faults: [],
  };
}
