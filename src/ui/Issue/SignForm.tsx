'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { FormEvent } from 'react';
import { postJson } from '@/client/http';

interface SignFormProps {
  inspection: string;
  member: { name: string; licence: string };
  ready: boolean;
  /** The report a new one would revise. */
  revises: string | undefined;
  /** The report a closing report would close. */
  closes: string | undefined;
  closedBefore: boolean;
}

/** Typed name and licence; the report is sealed with the exact entries as they are now. */
export function SignForm({
  inspection,
  member,
  ready,
  revises,
  closes,
  closedBefore,
}: SignFormProps) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [faults, setFaults] = useState<string[]>([]);
  const [kind, setKind] = useState<'report' | 'closing'>('report');
  const revision = kind === 'report' ? revises !== undefined : closedBefore;
  const issue = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const text = (name: string) => String(form.get(name) ?? '').trim();
    setBusy(true);
    const issued = await postJson('/api/reports', {
      inspection,
      kind,
      signedName: text('signedName'),
      licence: text('licence'),
      changes: text('changes'),
    });
    setBusy(false);
    setFaults(issued.ok ? [] : issued.faults);
    if (issued.ok) router.refresh();
  };
  return (
    <form className="grid gap-3" onSubmit={issue} aria-label="Sign and issue">
      {closes && (
        <div className="flex gap-2" role="group" aria-label="What is issued">
          <button
            type="button"
            className="act"
            aria-pressed={kind === 'report'}
            onClick={() => setKind('report')}
          >
            A revision of {revises}
          </button>
          <button
            type="button"
            className="act"
            aria-pressed={kind === 'closing'}
            onClick={() => setKind('closing')}
          >
            The closing report
          </button>
        </div>
      )}
      <label className="grid gap-1 font-semibold">
        Signed, your name
        <input
          className="field"
          name="signedName"
          required
          maxLength={200}
          defaultValue={member.name}
        />
      </label>
      <label className="grid gap-1 font-semibold">
        Licence number
        <input className="field" name="licence" maxLength={100} defaultValue={member.licence} />
      </label>
      {revision && (
        <label className="grid gap-1 font-semibold">
          What this revision changes
          <textarea className="field py-1" name="changes" rows={2} required maxLength={2000} />
        </label>
      )}
      <p className="text-ink2">
        The report is numbered and sealed with every entry as it is now. It cannot be changed
        afterwards, only revised.
      </p>
      {faults.map((fault) => (
        <p key={fault} role="alert" className="text-danger font-semibold">
          {fault}
        </p>
      ))}
      <button className="act act-main min-h-11" disabled={busy || !ready}>
        {busy
          ? 'Sealing'
          : kind === 'closing'
            ? 'Sign and issue the closing report'
            : 'Sign and issue'}
      </button>
      {!ready && <p className="text-danger">What is marked First must be seen to before.</p>}
    </form>
  );
}
