/**
 * Puts unit tests together for bin/test: what they share is read and compiled once, not once a file in a context of
 * its own, where it also runs slower.
 */
import { rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { build } from 'esbuild';
import { plainTests, screenTests } from './plain.mjs';

/** @type {import('esbuild').BuildOptions} */
const shared = {
  outbase: '.',
  outExtension: { '.js': '.mjs' },
  bundle: true,
  format: 'esm',
  platform: 'node',
  packages: 'external',
  jsx: 'automatic',
  alias: {
    '@jest/globals': './tests/set-up/globals.mjs',
    'server-only': './tests/set-up/empty.ts',
  },
  logLevel: 'error',
};

/** What draws takes away after each test what it drew: it says so to each file that reads it. */
const drawing = {
  name: 'drawing',
  setup: ({ onResolve }) =>
    onResolve({ filter: /^@testing-library\/react(\/pure)?$/ }, ({ path }) => ({
      path: createRequire(import.meta.url).resolve(path),
    })),
};

for (const outdir of ['.build/tests', '.build/screens'])
  rmSync(outdir, { recursive: true, force: true });
await Promise.all([
  build({
    ...shared,
    entryPoints: plainTests(),
    outdir: '.build/tests',
    splitting: true,
    conditions: ['react-server'],
  }),
  // Not split: what a view keeps in a module is gone with the file of its test.
  build({
    ...shared,
    entryPoints: screenTests(),
    outdir: '.build/screens',
    alias: {
      ...shared.alias,
      'next/link': 'next/link.js',
      'next/navigation': 'next/navigation.js',
      'next/dynamic': 'next/dynamic.js',
    },
    plugins: [drawing],
    banner: {
      js: "import { createRequire as $of } from 'node:module'; const require = $of(import.meta.url); freshScreen();",
    },
  }),
  build({ ...shared, entryPoints: ['tests/set-up/browser.ts'], outdir: '.build/screens' }),
]);
