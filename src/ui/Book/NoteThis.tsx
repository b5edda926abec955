'use client';

import { useState } from 'react';
import { NotebookPen } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { add } from '@/core/fieldwork/recording/draft';
import { thingWords } from '@/core/installation/panel/thing-words';
import { lazily } from '../primitives/lazily';
import { PhotoInput } from '../Photos/PhotoInput';
import { useBook, useInHand } from './context';
import { refOfSelection } from './selected-ref';

const SpeakNote = lazily(async () => (await import('../Spoken/SpeakNote')).SpeakNote);

/** From anywhere: words now, its place now or later. */
export function NoteThis() {
  const { state, panel, actions } = useBook();
  const { selection } = useInHand();
  const [open, setOpen] = useState(false);
  const [words, setWords] = useState('');
  const [here, setHere] = useState(false);
  const { site } = state.assessment;
  const ref = refOfSelection(selection, panel);
  const keep = async () => {
    const said = words.trim();
    if (said === '' || !site.site) return;
    const facts = { words: said, ...(here && ref && { aboutThing: ref }) };
    const refused = await actions.record((newId) => [add('note', newId(), site.site!, facts)]);
    if (refused) return;
    setWords('');
    setOpen(false);
  };
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger className="act">
        <NotebookPen size={16} aria-hidden="true" />
        <span className="max-md:sr-only">Note this</span>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 bg-black/40" />
        <Dialog.Content
          className="border-accent bg-sheet fixed inset-x-3 top-16 z-10 mx-auto grid max-w-lg gap-3 border-t-4 p-4"
          aria-describedby={undefined}
        >
          <Dialog.Title className="text-heading font-bold">Note this</Dialog.Title>
          <label className="grid gap-1">
            What was noticed
            <textarea
              className="field min-h-24 p-2"
              value={words}
              onChange={(event) => setWords(event.target.value)}
            />
          </label>
          {ref && (
            <label className="flex min-h-12 items-center gap-3">
              <input
                type="checkbox"
                className="size-5"
                checked={here}
                onChange={(event) => setHere(event.target.checked)}
              />
              It is about {thingWords(ref, site)}; otherwise it waits for a place
            </label>
          )}
          <SpeakNote about={here ? ref : undefined} kept={() => setOpen(false)} />
          <PhotoInput {...(here && ref && { about: ref })} words="A photo instead, or as well" />
          <div className="flex gap-2">
            <button
              className="act act-main flex-1"
              disabled={words.trim() === ''}
              onClick={() => void keep()}
            >
              Keep the note
            </button>
            <Dialog.Close className="act flex-1">Drop it</Dialog.Close>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
