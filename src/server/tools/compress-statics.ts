import { readFile, readdir, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

/** Where little is gained a browser need not unpack. */
const leastBytes = 1024;
/** Of more, as small as it gets takes long and gains little. */
const largeBytes = 1024 * 1024;

/** Puts a compressed one beside every script and style of a build, as small as it gets: it is made once and sent often. */
const [, , folder] = process.argv;
for (const name of await readdir(folder!, { recursive: true })) {
  if (!/\.(js|css|svg|wasm)$/.test(name)) continue;
  const path = join(folder!, name);
  const bytes = await readFile(path);
  if (bytes.length < leastBytes) continue;
  const [br, gz] = await Promise.all([
    promisify(brotliCompress)(bytes, {
      params: {
        [constants.BROTLI_PARAM_QUALITY]:
          bytes.length > largeBytes ? 9 : constants.BROTLI_MAX_QUALITY,
        [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
      },
    }),
    promisify(gzip)(bytes, { level: constants.Z_BEST_COMPRESSION }),
  ]);
  await Promise.all([writeFile(`${path}.br`, br), writeFile(`${path}.gz`, gz)]);
}
