'use client';

import { useState } from 'react';
import type { Contradiction } from '@/core/fieldwork/merging/contradiction';
import { contradictionTitle } from '@/core/show/report/contradiction-words';
import { useBook } from '../Book/context';
import { selectionOf } from '../Walk/selection';
import { ContradictionCard } from './ContradictionCard';

/** In a line; opened, with all of it, and what it is about in hand. */
export function ContradictionItem({ contradiction }: { contradiction: Contradiction }) {
  const { state, panel, actions } = useBook();
  const [open, setOpen] = useState(false);
  if (open) return <ContradictionCard contradiction={contradiction} />;
  return (
    <button
      className="act justify-start! text-left"
      aria-expanded={false}
      onClick={() => {
        setOpen(true);
        const selection = selectionOf(contradiction.about, panel);
        if (selection) actions.select(selection);
      }}
    >
      {contradictionTitle(contradiction, state.assessment.site)}
    </button>
  );
}
