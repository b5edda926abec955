import { readFileSync } from 'node:fs';

/** Blocks of docs/running.md by their names, the language before each. */
export function runningBlocks(): Record<string, { language: string; text: string }> {
  const text = readFileSync('docs/running.md', 'utf8');
  return Object.fromEntries(
    [...text.matchAll(/^```(\w+) ([\w-]+)\n([\s\S]*?)^```$/gm)].map(([, language, name, body]) => [
      name!,
      { language: language!, text: body! },
    ]),
  );
}
