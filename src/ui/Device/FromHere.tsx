'use client';

import { sentWords } from '../primitives/sent-words';

interface FromHereProps {
  /** When what is shown was sent here; undefined: it is the server's own. */
  keptAt: string | undefined;
  /** Why there is nothing newer; undefined: the server is still being asked. */
  fault: string | undefined;
  /** What may be missing. */
  missing: string;
  /** On a small screen `missing` is read out, not shown. */
  brief?: boolean;
  again(): void;
}

/** Over what is shown from this device's copy. */
export function FromHere({ keptAt, fault, missing, brief = false, again }: FromHereProps) {
  if (keptAt === undefined) return null;
  return (
    <div
      role="status"
      className="border-accent bg-sheet flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-l-8 px-3 py-1 print:hidden"
    >
      <p className="min-w-0 flex-1">
        <strong>
          {(fault ?? 'The server takes long').replace(/\.$/, '')}: this device’s copy of{' '}
          {sentWords(keptAt)}.
        </strong>{' '}
        <span className={brief ? 'max-lg:sr-only' : ''}>{missing}</span>
      </p>
      {fault && (
        <button className="act" onClick={again}>
          Ask again
        </button>
      )}
    </div>
  );
}
