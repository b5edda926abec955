'use client';

import { useEffect, useState } from 'react';
import { later } from '@/client/later';
import { useSent } from '@/client/sent/use-sent';
import type { Audience } from '@/core/show/report/audience';
import type { Sheet } from '@/core/show/report/blocks/sheet';
import { sentWords } from '../primitives/sent-words';
import { Blocks } from './Blocks';
import { draftPath } from './draft-path';

interface DraftProps {
  inspection: string;
  audience: Audience;
  /** Address below which the pictures lie. */
  pictures: string;
}

const composing = later(() => import('@/client/draft/compose-here'));
type Composed = Awaited<ReturnType<Awaited<ReturnType<typeof composing>>['composeHere']>>;

/**
 * A draft, drawn on the device of whoever works on it; where the server is not reached, composed there too. What is
 * issued the server draws: a client may have any browser.
 */
export function DraftBlocks({ inspection, audience, pictures }: DraftProps) {
  const { data, fault, absent, again } = useSent<Sheet>(draftPath(inspection, audience));
  const composed = useComposedHere(inspection, audience, fault !== undefined && data === undefined);
  // What the server has not is here alone where it was recorded here; otherwise it is there no longer.
  const here = absent && composed?.added === 0 ? undefined : composed;
  if (data) return <Blocks {...data} pictures={pictures} />;
  if (here)
    return (
      <>
        <p role="status" className="no-print border-accent mb-4 border-l-8 px-3 py-1.5">
          <strong>Composed on this device</strong>, from its copy of {sentWords(here.keptAt)}
          {here.added > 0 && ` and what was recorded here since`}: {fault} What others recorded
          meanwhile is not in it. It can be issued once all of it has arrived.{' '}
          <button className="act" onClick={again}>
            Ask again
          </button>
        </p>
        <Blocks {...here.sheet} pictures={pictures} />
      </>
    );
  return (
    <>
      <h1 className="sr-only">Report</h1>
      {fault && here === undefined ? (
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

/** Composed from what is here, where that is wanted. Null: it is being composed; undefined: it cannot be. */
function useComposedHere(inspection: string, audience: Audience, wanted: boolean) {
  const of = `${inspection} ${audience}`;
  const [done, setDone] = useState<{ of: string; composed: Composed }>();
  // What composes is here before the network is gone.
  useEffect(() => void composing().catch(() => undefined), []);
  useEffect(() => {
    if (!wanted) return;
    let there = true;
    void composing()
      .then(({ composeHere }) => composeHere(inspection, audience))
      .catch(() => undefined)
      .then((composed) => there && setDone({ of, composed }));
    return () => {
      there = false;
    };
  }, [of, inspection, audience, wanted]);
  if (!wanted) return undefined;
  return done?.of === of ? done.composed : null;
}
