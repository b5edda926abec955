import type { Sent } from './sent';

/** The body, or nothing where it is larger than allowed: reading stops there, and what is left is not waited for. */
export async function readBounded(request: Sent, most: number): Promise<Buffer | undefined> {
  if (Number(request.headers.get('content-length') ?? 0) > most) return undefined;
  const chunks: Uint8Array[] = [];
  let length = 0;
  for await (const chunk of request.body ?? []) {
    length += chunk.length;
    if (length > most) return undefined;
    chunks.push(chunk);
  }
  return Buffer.concat(chunks);
}
