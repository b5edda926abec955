'use client';

import { observe } from '@/core/fieldwork/recording/draft';
import type { PropertyValue } from '@/core/record/entries/properties';
import { properties } from '@/core/record/entries/properties';
import type { NoteView } from '@/core/fieldwork/walk/notes';
import { notesOf, unplacedNotes } from '@/core/fieldwork/walk/notes';
import { thingWords } from '@/core/installation/panel/thing-words';
import { useBook, useInHand } from '../Book/context';
import { Photos } from '../Photos/Photos';
import { lazily } from '../primitives/lazily';
import { PlaceChoice } from './PlaceChoice';
import { WriteOut } from './WriteOut';

const SpokenNote = lazily(async () => (await import('../Spoken/SpokenNote')).SpokenNote);

type Trade = PropertyValue<'referTo'>;

/** What was noted out of turn: unplaced first, each to be placed or dismissed. */
export function Notes() {
  const { state, actions } = useBook();
  const { trouble } = useInHand();
  const { site } = state.assessment;
  const notes = notesOf(site);
  const waiting = unplacedNotes(site);
  const rest = notes.filter((note) => !waiting.some(({ id }) => id === note.id));
  const refer = (id: string, to: Trade) =>
    void actions.record(() => [observe(site.reader, id, { referTo: to })]);
  const place = (id: string, ref: string) =>
    void actions.record(() => [observe(site.reader, id, { aboutThing: ref })]);
  const dismiss = (id: string, dismissed: boolean) =>
    void actions.record(() => [observe(site.reader, id, { dismissed })]);
  return (
    <main className="bg-sheet h-full overflow-y-auto p-4 md:px-8" aria-label="Notes">
      <div className="mx-auto grid max-w-4xl gap-6">
        {trouble && (
          <p role="alert" className="text-danger font-semibold">
            {trouble}
          </p>
        )}
        <section aria-labelledby="waiting">
          <h2 id="waiting" className="text-lg font-bold">
            Waiting for a place: {waiting.length}
          </h2>
          {waiting.length === 0 && (
            <p className="text-ink2">
              Nothing waits. “Note this” in the header keeps words from anywhere.
            </p>
          )}
          <ul className="border-ink mt-2 border-t-2">
            {waiting.map((note) => (
              <li key={note.id} className="border-hair grid gap-2 border-b py-2">
                <Said note={note} />
                <div className="flex flex-wrap items-center gap-2">
                  <PlaceChoice label="It is about" choose={(ref) => place(note.id, ref)} />
                  <select
                    className="field max-w-72"
                    aria-label="Refer to"
                    value=""
                    onChange={(event) => refer(note.id, event.target.value as Trade)}
                  >
                    <option value="" disabled>
                      Refer to …
                    </option>
                    {Object.entries(properties.referTo.choices).map(([trade, words]) => (
                      <option key={trade} value={trade}>
                        {words}
                      </option>
                    ))}
                  </select>
                  <button className="act" onClick={() => dismiss(note.id, true)}>
                    Dismiss
                  </button>
                </div>
              </li>
            ))}
          </ul>
        </section>
        <section aria-labelledby="placed">
          <h2 id="placed" className="text-lg font-bold">
            Placed, referred or dismissed: {rest.length}
          </h2>
          <ul className="border-ink mt-2 border-t-2">
            {rest.map((note) => (
              <li
                key={note.id}
                className="border-hair flex items-center justify-between gap-3 border-b py-2"
              >
                <div className="grid min-w-0 flex-1 gap-2">
                  <p className={note.dismissed ? 'text-ink3 line-through' : ''}>
                    <strong>
                      {note.dismissed
                        ? 'Dismissed'
                        : note.referTo
                          ? `Referred to ${properties.referTo.choices[note.referTo]}`
                          : thingWords(note.about!, site)}
                    </strong>{' '}
                    {!note.recording && note.words}
                  </p>
                  {note.recording && <Said note={note} />}
                </div>
                {note.dismissed && (
                  <button className="act" onClick={() => dismiss(note.id, false)}>
                    Bring back
                  </button>
                )}
              </li>
            ))}
          </ul>
        </section>
        <Photos />
      </div>
    </main>
  );
}

/** What was noted: its words, and where it was spoken, that, and a place to write it out. */
function Said({ note }: { note: NoteView }) {
  const { id, words, recording, dismissed } = note;
  return (
    <div className="grid gap-1">
      {recording && <SpokenNote {...recording} />}
      {words && <p className={dismissed ? 'text-ink3 text-sm line-through' : 'text-sm'}>{words}</p>}
      {recording && !words && !dismissed && <WriteOut note={id} />}
    </div>
  );
}
