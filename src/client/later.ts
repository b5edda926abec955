const parts = new Set<() => Promise<unknown>>();

/** Fetches every part that is fetched later, so that they are here when the network is not. */
export const fetchParts = (): Promise<unknown> =>
  Promise.all([...parts].map((fetchPart) => fetchPart().catch(() => undefined)));

/** A program that is fetched once, when it is first asked for or once the view stands. */
export function later<Program>(fetchIt: () => Promise<Program>): () => Promise<Program> {
  let coming: Promise<Program> | undefined;
  const fetchOnce = () =>
    (coming ??= fetchIt().catch((error: unknown) => {
      coming = undefined;
      throw error;
    }));
  parts.add(fetchOnce);
  return fetchOnce;
}
