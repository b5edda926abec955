import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const squeezed = (text: string) => text.replaceAll(/\s+/g, '');

/** Pages of a PDF as a reader of text gets them, in the order they were set, without space. */
export function pagesOf(pdf: Buffer): string[] {
  const folder = mkdtempSync(join(tmpdir(), 'read-'));
  const file = join(folder, 'one.pdf');
  writeFileSync(file, pdf);
  const text = execFileSync('pdftotext', ['-raw', file, '-'], {
    encoding: 'utf8',
    maxBuffer: 256 * 1024 * 1024,
  });
  rmSync(folder, { recursive: true });
  return text.split('\f').slice(0, -1).map(squeezed);
}

/**
 * The text of a PDF as one, without what each page repeats: its foot, and the heads of a table that goes on.
 * @param foot what stands at the foot before "page n of m"
 * @param heads titles of the tables it holds
 * @param wanted the text it should be, by which a head that goes on is told from one that begins
 */
export function textOf(
  pdf: Buffer,
  foot: string,
  heads: readonly (readonly string[])[],
  wanted: string,
): string {
  const whole = squeezed(wanted);
  let read = '';
  for (const [at, page] of pagesOf(pdf).entries()) {
    const end = page.lastIndexOf(squeezed(foot));
    if (end < 0) throw new Error(`page ${at + 1} has no foot`);
    let body = page.slice(0, end);
    const goesOn = !body.startsWith(whole.slice(read.length, read.length + 40));
    const head = heads
      .map((titles) => squeezed(titles.join('')))
      .find((one) => body.startsWith(one));
    if (goesOn && head) body = body.slice(head.length);
    read += body;
  }
  return read;
}

export { squeezed };
