/** What every browser has and the one of these tests lacks. */
import { webcrypto } from 'node:crypto';
import { TextDecoder, TextEncoder } from 'node:util';
import { deserialize, serialize } from 'node:v8';

if (typeof window !== 'undefined') {
  // What is hidden is not looked for: telling it costs seconds in a long form.
  const { configure } = await import('@testing-library/dom');
  // A busy machine may take seconds over what is a moment otherwise: a wait ends when the thing is there.
  configure({ defaultHidden: true, asyncUtilTimeout: 8000 });
  Object.assign(globalThis, { TextDecoder, TextEncoder });
  globalThis.structuredClone ??= <T>(value: T) => deserialize(serialize(value)) as T;
  if (!globalThis.crypto?.randomUUID)
    Object.defineProperty(globalThis, 'crypto', { value: webcrypto, configurable: true });
  Element.prototype.scrollIntoView ??= () => undefined;
  Element.prototype.scrollTo ??= () => undefined;
  globalThis.ResizeObserver ??= class {
    observe() {}
    unobserve() {}
    disconnect() {}
  } as unknown as typeof ResizeObserver;
}
