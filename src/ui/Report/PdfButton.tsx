'use client';

import { useState } from 'react';
import { inspectionOf } from '@/client/errands/errands';
import { askJson } from '@/client/http';
import { OnArrival } from '../Device/OnArrival';
import { saveFrom } from '../primitives/save-file';

interface PdfButtonProps {
  /** Address of the PDF; with &ask it tells how far it is. */
  href: string;
}

interface Answer {
  state: 'waiting' | 'making' | 'made' | 'failed';
  step: number;
  steps: number;
}

const askEveryMs = 400;

/** Asks for the PDF, shows how far it is, and opens it when it is made. Without script it is a plain link. */
export function PdfButton({ href }: PdfButtonProps) {
  const [answer, setAnswer] = useState<Answer>();
  const [trouble, setTrouble] = useState<string>();
  const [unreached, setUnreached] = useState(false);
  const busy = answer !== undefined && answer.state !== 'made' && answer.state !== 'failed';
  const ask = async (): Promise<void> => {
    setTrouble(undefined);
    setUnreached(false);
    setAnswer({ state: 'waiting', step: 0, steps: 0 });
    try {
      for (;;) {
        const answered = await askJson<Answer>(`${href}&ask`);
        if (!answered.ok) {
          setUnreached(answered.status === 0);
          throw new Error(answered.faults.join(' '));
        }
        const now = answered.value;
        setAnswer(now);
        if (now.state === 'failed') throw new Error('the server’s log says why.');
        if (now.state === 'made') break;
        await new Promise((resolve) => setTimeout(resolve, askEveryMs));
      }
      saveFrom(href);
    } catch (error) {
      setAnswer(undefined);
      setTrouble(error instanceof Error ? error.message : String(error));
    }
  };
  const far = answer && answer.steps > 0 ? answer.step / answer.steps : 0;
  return (
    <span className="relative inline-flex items-center gap-2">
      <a
        className="act"
        href={href}
        aria-disabled={busy}
        onClick={(event) => {
          event.preventDefault();
          if (!busy) void ask();
        }}
      >
        {busy ? (
          <span className="tabular-nums">
            {answer.state === 'waiting' ? 'PDF waits' : `PDF ${Math.round(far * 100)} %`}
          </span>
        ) : (
          'PDF'
        )}
      </a>
      {busy && (
        <span
          className="bg-accent absolute bottom-0 left-0 h-1"
          style={{ width: `${far * 100}%` }}
          role="progressbar"
          aria-label="PDF"
          aria-valuenow={Math.round(far * 100)}
          aria-valuemin={0}
          aria-valuemax={100}
        />
      )}
      {trouble && (
        <span role="alert" className="text-danger font-semibold">
          The PDF was not made: {trouble}
        </span>
      )}
      {/* A client’s link is nobody’s device. */}
      {unreached && !href.startsWith('/r/') && (
        <OnArrival
          errand={{ path: href, what: 'pdf', words: 'the PDF', inspection: inspectionOf(href) }}
        />
      )}
    </span>
  );
}
