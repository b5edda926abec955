import { createHash } from 'node:crypto';
import type { Plugin } from 'esbuild';
import { build } from 'esbuild';
import type { CodeDigests } from '../code-digests';
import { inOrder } from './registry-text';
import { ruleFiles } from './rule-files';

const rulesHome = 'src/core/judge/rules';
/** What entries are put together by, and how that is put by. */
const reading = ['src/core/record/entries/fold.ts', 'src/core/record/entries/kept.ts'];
/** All that judges an inspection again, the rules left out. */
const judging = ['src/server/jobs/rejudge-batch.ts'];

/**
 * Digests of programs as they run: of a file with all it uses, without types, comments and whatever it does
 * not use. A rule whose text or whose helpers do not change keeps its digest.
 * @param changed texts of files as they would be, by path
 */
export const codeDigests = async (changed: Changed = {}): Promise<CodeDigests> => ({
  reader: await readerDigest(changed),
  grading: await gradingDigest(changed),
  rules: await ruleDigests(changed),
});

type Changed = Readonly<Record<string, string>>;

export const readerDigest = async (changed: Changed = {}): Promise<string> =>
  digest(await bundled(reading, changedTexts(changed)));

export const gradingDigest = async (changed: Changed = {}): Promise<string> =>
  digest(await bundled(judging, changedTexts(changed), registryLeftOut));

export async function ruleDigests(changed: Changed = {}): Promise<CodeDigests['rules']> {
  const ids = inOrder(ruleFiles()).map(({ id }) => id);
  const texts = await bundled(
    ids.map((id) => `${rulesHome}/${id}.ts`),
    changedTexts(changed),
  );
  return Object.fromEntries(ids.map((id, index) => [id, digest([texts[index]!])]));
}

const digest = (texts: readonly string[]) =>
  createHash('sha256').update(texts.join('\n')).digest('hex').slice(0, 16);

/** The text of each program, in the order of its files. */
async function bundled(files: readonly string[], ...plugins: Plugin[]): Promise<string[]> {
  const { outputFiles } = await build({
    entryPoints: [...files],
    bundle: true,
    write: false,
    format: 'esm',
    platform: 'node',
    conditions: ['react-server'],
    packages: 'external',
    treeShaking: true,
    minifyWhitespace: true,
    legalComments: 'none',
    outdir: '.',
    outbase: '.',
    plugins: [...plugins, nothingDoneOnLoading],
  });
  const byFile = new Map(outputFiles.map(({ path, text }) => [path, text]));
  return files.map((file) => byFile.get(`${process.cwd()}/${file.replace(/\.ts$/, '.js')}`)!);
}

/** No file of ours does anything by being there: what a program does not use of it is no part of it. */
const nothingDoneOnLoading: Plugin = {
  name: 'nothing done on loading',
  setup({ onResolve, resolve }) {
    onResolve({ filter: /^[.@]/ }, async ({ path, pluginData, kind, ...from }) => {
      if (pluginData === 'asked' || kind === 'entry-point') return undefined;
      const {
        path: found,
        external,
        errors,
      } = await resolve(path, {
        kind,
        importer: from.importer,
        resolveDir: from.resolveDir,
        pluginData: 'asked',
      });
      return errors.length > 0 ? { errors } : { path: found, external, sideEffects: false };
    });
  },
};

const registryLeftOut: Plugin = {
  name: 'registry left out',
  setup({ onResolve }) {
    onResolve({ filter: /\/rules(\/index)?$/ }, ({ path }) => ({ path, external: true }));
  },
};

const changedTexts = (texts: Readonly<Record<string, string>>): Plugin => ({
  name: 'changed texts',
  setup({ onLoad }) {
    onLoad({ filter: /\.ts$/ }, ({ path }) => {
      const contents = texts[path.replace(`${process.cwd()}/`, '')];
      return contents === undefined ? undefined : { contents, loader: 'ts' };
    });
  },
});
