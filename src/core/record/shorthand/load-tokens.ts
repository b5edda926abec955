import { properties } from '../entries/properties';
import { loadWords } from './token-words';
import type { TokenReader } from './token-reader';

/** What a breaker feeds, and the figures of its nameplate. */
export const loadTokens: readonly TokenReader[] = [
  {
    pattern: /^=/,
    card: [
      `${Object.keys(loadWords)
        .map((word) => `=${word}`)
        .join('  ')}`,
      'what it feeds',
    ],
    read(text, line) {
      const kind = loadWords[text.slice(1).toLowerCase()];
      if (!kind) return { fault: `after = one of ${Object.keys(loadWords).join(', ')}` };
      line.load = { ...line.load, loadKind: kind };
      return { meaning: properties.loadKind.choices[kind] };
    },
  },
  {
    pattern: /^(mca|mop|mfu|fla)\d+(\.\d+)?$/i,
    card: [
      'mca18  mop30  mfu30  fla12',
      'nameplate: minimum circuit ampacity, maximum overcurrent (mfu: fuse only), full load, A',
    ],
    read(text, line) {
      const key = text.slice(0, 3).toLowerCase();
      const value = Number(text.slice(3));
      const field = {
        mca: 'minimumCircuitAmpacityA',
        mop: 'maximumOvercurrentA',
        mfu: 'maximumOvercurrentA',
        fla: 'fullLoadA',
      }[key]!;
      line.load = {
        ...line.load,
        [field]: value,
        ...(field === 'maximumOvercurrentA' && { fuseOnly: key === 'mfu' }),
      };
      return { meaning: `nameplate ${key} ${value} A` };
    },
  },
  {
    pattern: /^\d+(\.\d+)?w$/i,
    card: ['4500w', 'nameplate power'],
    read(text, line) {
      const watts = Number(text.slice(0, -1));
      if (watts > 60000) return { fault: `a nameplate is up to 60000 W, got ${watts}` };
      line.load = { ...line.load, listedW: watts };
      return { meaning: `nameplate ${watts} W` };
    },
  },
];
