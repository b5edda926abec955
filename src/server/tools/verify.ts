import { readFile } from 'node:fs/promises';
import { describeFault } from '@/core/vocabulary/fault';
import { parsePackage } from '@/core';
import { broughtLines } from '@/core/show/report/record';
import type { Seal } from '@/core/record/package/seal';
import { verifyText } from '@/core/record/package/seal';
import { readZip } from '../package-zip';
import { attachedPackage, isPdf } from '../pdf-attachment';
import { sha256Hex } from '../sha256';

/** Holds a file against a printed digest. */
async function main(): Promise<number> {
  const [file, digest, ...more] = process.argv.slice(2);
  if (!file || !digest || more.length > 0) return complain('usage: bin/verify FILE DIGEST');
  if (!/^[0-9a-f]{64}$/i.test(digest)) return complain('the digest has 64 figures of 0-9 and a-f');
  let bytes: Buffer;
  try {
    bytes = await readFile(file);
  } catch (error) {
    return complain(`${file}: ${error instanceof Error ? error.message : String(error)}`);
  }
  if (isPdf(bytes)) {
    const attached = await attachedPackage(bytes);
    if (!attached.ok) return complain(`${file}: ${attached.reason}`);
    bytes = attached.zip;
  }
  const texts = await readZip(bytes);
  if (!texts.ok) {
    process.stdout.write(`not the one sealed: ${describeFault(texts.faults[0]!)}\n`);
    return 1;
  }
  const { document, seal } = texts.value;
  const verified = verifyText(document, digest, sealOf(seal), sha256Hex);
  if (verified.answer === 'true') {
    process.stdout.write(`true: sealed with ${verified.digest}\n`);
    for (const line of broughtIn(document)) process.stdout.write(`${line}\n`);
    return 0;
  }
  process.stdout.write(`not the one sealed: ${verified.differences.join('; ')}\n`);
  return 1;
}

/** What the package says came in others; nothing where it does not say. */
function broughtIn(document: string): string[] {
  const parsed = parsePackage(document);
  return parsed.ok ? broughtLines(parsed.value.carried) : [];
}

function sealOf(text: string | undefined): Seal | undefined {
  try {
    const seal = JSON.parse(text ?? '') as Seal;
    return seal.format === 'east-gate-seal' ? seal : undefined;
  } catch {
    return undefined;
  }
}

function complain(message: string): number {
  process.stderr.write(`${message.replace(/\s*\n\s*/g, ' ')}\n`);
  return 2;
}

process.exitCode = await main();
