'use client';

import { useSent } from '@/client/sent/use-sent';
import type { Audience } from '@/core/show/report/audience';
import type { Sheet } from '@/core/show/report/blocks/sheet';
import { Blocks } from './Blocks';
import { draftPath } from './draft-path';

interface DraftProps {
  inspection: string;
  audience: Audience;
  /** Address below which the pictures lie. */
  pictures: string;
}

/** A draft, drawn on the device of whoever works on it. What is issued the server draws: a client may have any browser. */
export function DraftBlocks({ inspection, audience, pictures }: DraftProps) {
  const { data, fault, again } = useSent<Sheet>(draftPath(inspection, audience));
  if (data) return <Blocks {...data} pictures={pictures} />;
  return (
    <>
      <h1 className="sr-only">Report</h1>
      {fault ? (
        <p role="alert">
          <span className="text-danger font-semibold">{fault}</span>{' '}
          <button className="act" onClick={again}>
            Ask again
          </button>
        </p>
      ) : (
        <p className="text-ink2" role="status">
          Opening the draft…
        </p>
      )}
    </>
  );
}
