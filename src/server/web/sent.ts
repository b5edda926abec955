/** A request, as far as a handler looks at it: a web request is one, and so is what the front was asked. */
export interface Sent {
  headers: { get(name: string): string | null };
  /** Bytes as they arrive; nothing was sent: null. */
  body: AsyncIterable<Uint8Array> | null;
}
