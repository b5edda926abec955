import { writeFileSync } from 'node:fs';
import { codeDigests } from './code-digests';

/** Writes by what the programs built beside it judge: see `codeDigests`. */
writeFileSync(process.argv[2]!, JSON.stringify(await codeDigests()));
