import type { Theme } from '@/core/vocabulary/themes';

/** How far the pages are on this device, so that they open without a network. */
export type OnDevice =
  /** Not yet, or not by this browser. */
  | 'not-here'
  | 'here'
  /** A newer version is here and waits to be taken. */
  | 'newer';

type Told = { kind: 'take-over' } | { kind: 'theme'; theme: Theme };

const told = (worker: ServiceWorker | null | undefined, word: Told) => worker?.postMessage(word);

/** A page is asked for this often whether there is a newer version: milliseconds. */
const lookAgainMs = 60 * 60 * 1000;

/**
 * Keeps the pages on this device, and says when a newer version of them is here. Nothing is reloaded by it.
 * @returns ends the looking
 */
export function keepPages(onChange: (state: OnDevice) => void): () => void {
  const workers = 'serviceWorker' in navigator ? navigator.serviceWorker : undefined;
  if (!workers) return () => undefined;
  let ended = false;
  let looking: ReturnType<typeof setInterval> | undefined;
  const say = (registration: ServiceWorkerRegistration) => {
    if (ended) return;
    if (registration.waiting && workers.controller) onChange('newer');
    else onChange(registration.active ? 'here' : 'not-here');
  };
  void workers.register('/sw.js', { updateViaCache: 'none' }).then(
    // A browser that was told to have none of them answers with nothing.
    (registration: ServiceWorkerRegistration | undefined) => {
      if (ended || !registration) return;
      say(registration);
      registration.addEventListener('updatefound', () => {
        const { installing } = registration;
        installing?.addEventListener('statechange', () => say(registration));
      });
      looking = setInterval(() => void registration.update().catch(() => undefined), lookAgainMs);
    },
    () => onChange('not-here'),
  );
  return () => {
    ended = true;
    clearInterval(looking);
  };
}

/** Milliseconds until a page is loaded anew though nothing was said of the taking over. */
const takeOverMs = 8000;

/** Takes the newer version: this page is loaded anew with it, others when they are opened anew. */
export async function takeNewer(): Promise<void> {
  const registration = await navigator.serviceWorker.getRegistration();
  if (!registration?.waiting) return window.location.reload();
  const reload = () => window.location.reload();
  navigator.serviceWorker.addEventListener('controllerchange', reload, { once: true });
  told(registration.waiting, { kind: 'take-over' });
  // One that has something in hand gives way once this page leaves it.
  setTimeout(reload, takeOverMs);
}

/** The theme a kept page is drawn in. */
export function tellTheme(theme: Theme): void {
  if (!('serviceWorker' in navigator)) return;
  void navigator.serviceWorker.ready.then(({ active }) => told(active, { kind: 'theme', theme }));
}
