/** A word of a line with its columns, counted from 0. */
export interface Word {
  start: number;
  end: number;
  text: string;
}

export function splitWords(text: string): Word[] {
  return [...text.matchAll(/\S+/g)].map((match) => ({
    start: match.index,
    end: match.index + match[0].length,
    text: match[0],
  }));
}
