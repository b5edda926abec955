import { Brand } from './Brand';

/** Stands until the device draws what it was sent. */
export function Opening({ says }: { says: string }) {
  return (
    <header className="border-line bg-app flex min-h-12 items-center gap-4 border-b px-4">
      <Brand />
      <p className="text-ink2" role="status">
        {says}
      </p>
      <noscript>This page is drawn on the device: allow it to run its scripts.</noscript>
    </header>
  );
}
