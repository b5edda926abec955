import type { Becomes } from './line';
import type { TokenReader } from './token-reader';

const becomesWords = {
  out: { kind: 'out', words: 'taken out; its wires stay, on no screw' },
  never: { kind: 'never', words: 'never there: the record was wrong' },
  new: { kind: 'new', words: 'another one in its place, with its wires' },
} as const;

/** What becomes of the breaker that is recorded there. */
export const becomesToken: TokenReader = {
  pattern: /^>/,
  card: [
    '>12  >out  >out blank  >new 15  >never',
    'becomes of it: moved to 12; taken out, and blanked; replaced by another, with its wires; never there',
  ],
  read(text, line) {
    const word = text.slice(1).toLowerCase();
    const place = /^(\d+)([ab])?$/.exec(word);
    if (place) {
      line.becomes = {
        kind: 'moved',
        to: Number(place[1]),
        ...(place[2] && { half: place[2] === 'a' ? ('upper' as const) : ('lower' as const) }),
      };
      return { meaning: `moved to ${word}, with its wires` };
    }
    const known = Object.hasOwn(becomesWords, word) && becomesWords[word as 'out'];
    if (!known) return { fault: 'after > a position, such as >12; or out, new, never' };
    line.becomes = { kind: known.kind } as Becomes;
    return { meaning: known.words };
  },
};
