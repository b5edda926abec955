'use client';

import { useState } from 'react';
import type { FormEvent } from 'react';
import { askJson } from '@/client/http';

type Said =
  { kind: 'told'; text: string; inspection: string } | { kind: 'refused'; faults: string[] };

/**
 * Loads an inspection package made here or elsewhere.
 * @param loaded what is done once it was tried
 */
export function ImportPackage({ loaded }: { loaded(): void }) {
  const [busy, setBusy] = useState<string>();
  const [said, setSaid] = useState<Said>();
  const load = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const file = new FormData(event.currentTarget).get('package');
    if (!(file instanceof File) || file.size === 0) return;
    setBusy('Checking');
    setSaid(await send(file, setBusy));
    setBusy(undefined);
    loaded();
  };
  return (
    <section aria-labelledby="import">
      <h2 id="import" className="border-ink text-heading border-t-2 pt-2 font-bold">
        Load a package
      </h2>
      <form className="mt-2 grid gap-3" onSubmit={load}>
        <label className="grid gap-1 font-semibold">
          Inspection package (.zip), or an issued report (.pdf)
          <input
            className="field py-1"
            type="file"
            name="package"
            accept=".zip,.pdf,application/zip,application/pdf"
            required
          />
        </label>
        <button className="act" type="submit" disabled={busy !== undefined}>
          {busy ?? 'Load'}
        </button>
      </form>
      <div aria-live="polite">
        {said?.kind === 'told' && (
          <p className="mt-2">
            {said.text}{' '}
            <a className="font-semibold underline" href={`/inspections/${said.inspection}/report`}>
              Open its report
            </a>
          </p>
        )}
        {said?.kind === 'refused' && (
          <div className="border-danger mt-2 border-l-4 pl-2">
            <p className="text-danger font-semibold">Nothing was loaded.</p>
            <ul>
              {said.faults.map((fault) => (
                <li key={fault}>{fault}</li>
              ))}
            </ul>
          </div>
        )}
      </div>
    </section>
  );
}

interface Loaded {
  added: number;
  already: number;
  inspection: string;
  notes: string[];
}

type Answered = Loaded | { import: string };

/** Sends a package; of a large one it is asked how far it is until it is read. */
async function send(file: File, tell: (words: string) => void): Promise<Said> {
  const answer = await askJson<Answered>('/api/packages', {
    method: 'post',
    body: file,
    timeout: 300_000,
  });
  if (!answer.ok)
    return {
      kind: 'refused',
      faults:
        answer.status === 0
          ? ['The server was not reached, or cut the package off as too large.']
          : answer.faults,
    };
  return 'import' in answer.value ? follow(answer.value.import, tell) : toldOf(answer.value);
}

interface Progress {
  state: 'waiting' | 'reading' | 'loaded' | 'refused';
  step: number;
  answer: Loaded | { faults: string[] } | null;
}

const lookEveryMs = 400;
/** So long nobody takes it up before that is said. */
const patienceMs = 10_000;

async function follow(id: string, tell: (words: string) => void): Promise<Said> {
  const began = Date.now();
  for (;;) {
    const asked = await askJson<Progress>(`/api/packages/${id}`);
    if (!asked.ok && asked.status !== 0) return { kind: 'refused', faults: asked.faults };
    const progress = asked.ok ? asked.value : undefined;
    const ended = progress?.answer;
    if (ended) return 'faults' in ended ? { kind: 'refused', faults: ended.faults } : toldOf(ended);
    tell(
      progress?.state === 'reading'
        ? progress.step > 0
          ? 'Checked; being written'
          : 'Being checked'
        : Date.now() - began > patienceMs
          ? 'Taken in. What reads it is busy or not running: it is read as soon as it runs'
          : 'Taken in',
    );
    await new Promise((resolve) => setTimeout(resolve, lookEveryMs));
  }
}

function toldOf({ added, already, notes, inspection }: Loaded): Said {
  const text = `${added} entries added, ${already} were here already. ${notes.join(' ')}`;
  return { kind: 'told', text, inspection };
}
