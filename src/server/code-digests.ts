import 'server-only';
import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

/** By what this program judges: of each part a digest of its code. */
export interface CodeDigests {
  /** What entries are read and put together by. */
  reader: string;
  /** What findings are graded and counted by. */
  grading: string;
  /** Each rule, with all it uses. */
  rules: Readonly<Record<string, string>>;
}

let digests: CodeDigests | undefined | null = null;

/** Undefined where the program was not built but runs from its texts: nothing is kept then. */
export function codeDigests(): CodeDigests | undefined {
  if (digests !== null) return digests;
  try {
    digests = JSON.parse(
      readFileSync(join(process.cwd(), '.next/east-gate/digests.json'), 'utf8'),
    ) as CodeDigests;
  } catch {
    digests = undefined;
  }
  return digests;
}

/** All of them in one: what figures are of. */
export const bookOf = ({ reader, grading, rules }: CodeDigests): string =>
  createHash('sha256')
    .update(JSON.stringify([reader, grading, rules]))
    .digest('hex')
    .slice(0, 16);

/** The book this program judges by; null where it runs from its texts. */
export function bookRunning(): string | null {
  const running = codeDigests();
  return running ? (book ??= bookOf(running)) : null;
}
let book: string | undefined;
