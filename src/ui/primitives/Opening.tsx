import { Brand } from './Brand';

interface OpeningProps {
  says: string;
  /** Why it does not come. */
  fault?: string | undefined;
  again?(): void;
}

/** Stands until the device draws what it was sent. */
export function Opening({ says, fault, again }: OpeningProps) {
  return (
    <header className="border-line bg-app flex min-h-12 flex-wrap items-center gap-4 border-b px-4">
      <Brand />
      <h1 className="sr-only">East Gate</h1>
      {fault ? (
        <>
          <p className="text-danger font-semibold" role="alert">
            {fault} Nothing on this device was changed by it.
          </p>
          <button className="act" onClick={again}>
            Ask again
          </button>
        </>
      ) : (
        <p className="text-ink2" role="status">
          {says}
        </p>
      )}
      <noscript>This page is drawn on the device: allow it to run its scripts.</noscript>
    </header>
  );
}
