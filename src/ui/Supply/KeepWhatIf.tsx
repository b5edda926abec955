'use client';

import { useState } from 'react';
import { findingWords } from '@/core/show/report/finding-words';
import { add } from '@/core/fieldwork/recording/draft';
import type { WhatIf } from '@/core/vocabulary/what-if';
import { useBook } from '../Book/context';

/** Keeps a what-if as an entry: what was changed, what the model said, and the finding it is evidence for. */
export function KeepWhatIf({ whatIf, says, kept }: { whatIf: WhatIf; says: string; kept(): void }) {
  const { state, actions } = useBook();
  const { findings, site, settings } = state.assessment;
  const [name, setName] = useState('');
  const [finding, setFinding] = useState('');
  const keep = async () => {
    const refused = await actions.record((newId) => [
      add(
        'what-if',
        newId(),
        site.site!,
        {
          whatIf: JSON.parse(JSON.stringify(whatIf)) as WhatIf,
          whatIfSays: says.slice(0, 800),
          ...(name.trim() && { name: name.trim() }),
          ...(finding && { evidenceFor: finding }),
        },
        'inferred',
      ),
    ]);
    if (!refused) kept();
  };
  return (
    <form
      className="border-line mt-4 grid gap-2 border-t pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <h4 className="font-semibold">Keep it as evidence</h4>
      <label className="text-caption text-ink2 grid gap-0.5">
        Called
        <input className="field" value={name} onChange={(event) => setName(event.target.value)} />
      </label>
      <label className="text-caption text-ink2 grid gap-0.5">
        For the finding
        <select
          className="field"
          value={finding}
          onChange={(event) => setFinding(event.target.value)}
        >
          <option value="">none</option>
          {findings.map((one) => (
            <option key={one.key} value={one.key}>
              {one.verdict.place.label}: {findingWords(one.verdict, 'short', settings)}
            </option>
          ))}
        </select>
      </label>
      <button className="act act-main">Keep it</button>
    </form>
  );
}
