/**
 * Puts the plain unit tests together for bin/test: what they share is read and compiled once, not once a file in a
 * context of its own, where it also runs slower.
 */
import { rmSync } from 'node:fs';
import { build } from 'esbuild';
import { plainTests } from './plain.mjs';

const outdir = '.build/tests';

rmSync(outdir, { recursive: true, force: true });
await build({
  entryPoints: plainTests(),
  outdir,
  outbase: '.',
  outExtension: { '.js': '.mjs' },
  bundle: true,
  splitting: true,
  format: 'esm',
  platform: 'node',
  packages: 'external',
  conditions: ['react-server'],
  jsx: 'automatic',
  alias: {
    '@jest/globals': './tests/set-up/globals.mjs',
    'server-only': './tests/set-up/empty.ts',
  },
  logLevel: 'error',
});
