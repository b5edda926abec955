'use client';

import { useState } from 'react';
import { observe } from '@/core/fieldwork/recording/draft';
import { useBook } from '../Book/context';

/** Words of a note that was spoken. */
export function WriteOut({ note }: { note: string }) {
  const { state, actions } = useBook();
  const [words, setWords] = useState('');
  const { reader } = state.assessment.site;
  const keep = async () => {
    const said = words.trim();
    if (said === '') return;
    if (!(await actions.record(() => [observe(reader, note, { words: said })]))) setWords('');
  };
  return (
    <form
      className="flex flex-wrap gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <input
        className="field min-w-60 flex-1"
        aria-label="Write it out"
        placeholder="What was said, in words"
        maxLength={4000}
        value={words}
        onChange={(event) => setWords(event.target.value)}
      />
      <button className="act" disabled={words.trim() === ''}>
        Write it out
      </button>
    </form>
  );
}
