/** "1 screw", "2 screws" */
export const counted = (count: number, noun: string) => `${count} ${noun}${count === 1 ? '' : 's'}`;

/** "3", "3 and 9", "3, 9 and 12" */
export function listed(words: readonly (string | number)[]): string {
  if (words.length < 2) return words.join('');
  return `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}

/** With a capital first. */
export const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
