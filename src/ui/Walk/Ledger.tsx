'use client';

import { useDrawn } from '../Book/Drawn';
import { notJudged } from '../Book/NotJudged';
import { lazily } from '../primitives/lazily';
import { Doubts } from './Doubts';

/** Nothing of it can be drawn before the rules are here. */
const JudgedLedger = lazily(async () => (await import('./JudgedLedger')).JudgedLedger);

/** Findings as they appear, gravest first, each with its reasons. */
export function Ledger() {
  const drawn = useDrawn();
  if (drawn.judged) return <JudgedLedger drawn={drawn} />;
  return (
    <section className="p-4" aria-labelledby="findings">
      <h2 id="findings" className="border-line text-heading border-b pb-1.5 font-bold">
        {notJudged}
      </h2>
      <p className="text-ink2 mt-2">
        What you record is kept. Nothing was said of it yet, and no danger was looked for.
      </p>
      <Doubts />
    </section>
  );
}
