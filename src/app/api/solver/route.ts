import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { join } from 'node:path';

/** The solver's program, for the worker that plans. The same for everybody. */
export async function GET(): Promise<Response> {
  const bytes = await readFile(solverFile());
  return new Response(new Uint8Array(bytes), {
    headers: {
      'Content-Type': 'application/wasm',
      'Cache-Control': 'public, max-age=86400',
    },
  });
}

const solverFile = () =>
  createRequire(join(process.cwd(), 'package.json')).resolve('highs/runtime');
