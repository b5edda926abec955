import { readdir, readFile } from 'node:fs/promises';
import { createHash } from 'node:crypto';
import { dirname, join } from 'node:path';
import { build } from 'esbuild';
import { named } from '@/worker/build';
import type { Build } from '@/worker/build';

/**
 * Writes the program that answers pages without a network, with the list of what it keeps.
 * Arguments: the folder of the build’s files, and where to write it: beside what composes reports.
 */
const [, , folder = '', target = ''] = process.argv;

/** Fonts are sent as woff2 to every browser that runs the rest. */
const kept = /\.(js|css|woff2|wasm|svg|png)$/;

const names = (await readdir(folder, { recursive: true })).filter((name) => kept.test(name)).sort();
const digest = createHash('sha256');
for (const name of names) digest.update(name).update(await readFile(`${folder}/${name}`));
for (const name of (await readdir('src/worker')).filter((one) => !one.includes('.test.')).sort())
  digest.update(await readFile(`src/worker/${name}`));
digest.update(await readFile('src/app/icon.svg'));
digest.update(await readFile(join(dirname(target), 'draft.js')));
const files = [...named, ...names.map((name) => `/_next/static/${name.replaceAll('\\', '/')}`)];

await build({
  entryPoints: ['src/worker/sw.ts'],
  bundle: true,
  minify: true,
  format: 'iife',
  target: 'es2022',
  tsconfig: 'tsconfig.json',
  logLevel: 'warning',
  define: {
    build: JSON.stringify({ version: digest.digest('hex').slice(0, 16), files } satisfies Build),
  },
  outfile: target,
});
