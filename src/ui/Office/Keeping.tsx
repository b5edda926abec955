'use client';

import { useState } from 'react';
import { LabelledField } from '../primitives/LabelledField';
import { Said } from '../primitives/Said';
import { useAwake } from '../primitives/use-awake';
import { usePosting } from '../primitives/use-posting';

interface KeepingDays {
  lettersDays: number;
  visitsDays: number;
  auditDays: number;
  deviceDays: number;
}

interface KeepingProps {
  keeping: KeepingDays;
  /** What was searched for. */
  words: string;
  found: readonly { id: string; place: string; address: string }[];
}

const labels: Record<keyof KeepingDays, string> = {
  lettersDays: 'Letters, days',
  visitsDays: 'Openings of links, days',
  auditDays: 'Who did what, days',
  deviceDays: 'A device without the server, days',
};
const bounds = (name: keyof KeepingDays) =>
  name === 'deviceDays' ? { min: 1, max: 90 } : { min: 30, max: 36_500 };

/** What is kept how long, taken along whole, and removed on request. */
export function Keeping({ keeping, words, found }: KeepingProps) {
  return (
    <div className="grid gap-8 md:grid-cols-2">
      <KeepingForm keeping={keeping} />
      <section className="grid content-start gap-3">
        <h2 className="text-heading font-bold">Take everything along</h2>
        <p className="text-ink2">
          Every inspection as an open package with its photos, in one file. Another office loads
          them one by one, or all at once.
        </p>
        <a className="act justify-self-start" href="/api/office/export.zip" download>
          Save all inspections
        </a>
      </section>
      <Forget words={words} found={found} />
    </div>
  );
}

function KeepingForm({ keeping }: { keeping: KeepingDays }) {
  const awake = useAwake();
  const { post, said, busy } = usePosting();
  const [typed, setTyped] = useState(keeping);
  return (
    <form
      className="grid content-start gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void post('/api/office/keeping', typed, 'Kept.');
      }}
    >
      <h2 className="text-heading font-bold">How long</h2>
      <p className="text-ink2">
        Inspections and issued reports stay: a report is asked for after years. What passes leaves
        by itself. A device that did not hear from here for so many days shows nothing of what it
        keeps until it reaches the server again; what was recorded on it stays.
      </p>
      <div className="grid gap-3 sm:grid-cols-2">
        {(Object.keys(labels) as (keyof KeepingDays)[]).map((name) => (
          <LabelledField
            key={name}
            label={labels[name]}
            type="number"
            {...bounds(name)}
            required
            value={typed[name]}
            onChange={(event) => setTyped({ ...typed, [name]: Number(event.target.value) })}
          />
        ))}
      </div>
      <Said said={said} />
      <button className="act justify-self-start" disabled={!awake || busy}>
        Keep these
      </button>
    </form>
  );
}

/** A client asks to be forgotten. */
function Forget({ words, found }: Pick<KeepingProps, 'words' | 'found'>) {
  const awake = useAwake();
  const { post, said, busy } = usePosting();
  const [sure, setSure] = useState<string>();
  return (
    <section className="grid content-start gap-3 md:col-span-2">
      <h2 className="text-heading font-bold">A client asks to be forgotten</h2>
      <p className="text-ink2 max-w-prose">
        Their name, and whom was told, are shown nowhere any more; addresses that links and letters
        went to are removed. What was recorded and sealed stays as it is, unread, so that a report
        can still be held against its seal; where something stood it says so. This cannot be taken
        back.
      </p>
      <form role="search" className="flex max-w-xl gap-2" action="/office/keeping">
        <input
          className="field"
          type="search"
          name="q"
          defaultValue={words}
          maxLength={200}
          aria-label="Find the inspection"
          placeholder="Client, place, address"
        />
        <button className="act">Find</button>
      </form>
      {words && found.length === 0 && <p>Nothing is found with all of these words.</p>}
      <ul className="grid gap-2">
        {found.map(({ id, place, address }) => (
          <li key={id} className="flex flex-wrap items-center gap-3">
            <span>
              <span className="font-semibold">{place}</span>{' '}
              <span className="text-ink2">{address}</span>
            </span>
            {sure === id ? (
              <button
                className="act act-main"
                type="button"
                disabled={!awake || busy}
                onClick={async () => {
                  await post(
                    '/api/office/forget',
                    { inspection: id },
                    `The client of ${place} is forgotten.`,
                  );
                  setSure(undefined);
                }}
              >
                Forget the client of {place}, for good
              </button>
            ) : (
              <button
                className="act"
                type="button"
                aria-label={`Forget the client of ${place}`}
                onClick={() => setSure(id)}
              >
                Forget the client
              </button>
            )}
          </li>
        ))}
      </ul>
      <Said said={said} />
    </section>
  );
}
