import { panelLines } from './panel-lines';
import { deviceTokens } from './tokens';

/** The grammar on one card: form and meaning, in the order the words are tried. */
export const grammarCard: readonly {
  title: string;
  rows: readonly (readonly [string, string])[];
}[] = [
  {
    title: 'One position a line',
    rows: [
      ['7  9+11  1+3+5  13a', 'position; two or three poles; the upper half of one'],
      ...deviceTokens.map((token) => token.card),
      ['kitchen left', 'then the name; / between the circuits; "…" keeps a name like another word'],
      ['; rust on the screw', 'last, a remark about it'],
    ],
  },
  { title: 'The whole panel', rows: panelLines.map((line) => line.card) },
];
