/** "1 screw", "2 screws" */
export const counted = (count: number, noun: string) => `${count} ${noun}${count === 1 ? '' : 's'}`;

/** "1 entry", "3 entries" */
export const countedEntries = (count: number) => (count === 1 ? '1 entry' : `${count} entries`);

/** Photos and spoken notes: "1 file", "3 files" */
export const countedFiles = (count: number) => counted(count, 'file');

/** "3", "3 and 9", "3, 9 and 12" */
export function listed(words: readonly (string | number)[]): string {
  if (words.length < 2) return words.join('');
  return `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}

/** With a capital first. */
export const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);

/** Numbers with runs of three or more put together: "17 to 24", "3, 5 and 17 to 20". */
export function runsOf(numbers: readonly number[]): string {
  const sorted = [...new Set(numbers)].sort((a, b) => a - b);
  const parts: string[] = [];
  for (let i = 0; i < sorted.length; i += 1) {
    const start = i;
    while (sorted[i + 1] === sorted[i]! + 1) i += 1;
    parts.push(
      i - start >= 2 ? `${sorted[start]} to ${sorted[i]}` : sorted.slice(start, i + 1).join(', '),
    );
  }
  return listed(parts);
}
