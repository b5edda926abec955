'use client';

import { useState } from 'react';
import type { FormEvent } from 'react';
import { postJson } from '@/client/http';
import { useAwake } from '../primitives/use-awake';

interface Verification {
  sealed: boolean;
  differences: string[];
  otherwise: string[];
  brought: string[];
  since: number;
}

/** Holds the report against the digest printed on it. */
export function VerifyForm({ report, digest }: { report: string; digest: string }) {
  const awake = useAwake();
  const [said, setSaid] = useState<Verification>();
  const [faults, setFaults] = useState<string[]>([]);
  const verify = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const printed = String(new FormData(event.currentTarget).get('digest'));
    const answer = await postJson<Verification>('/api/reports/verify', { report, digest: printed });
    setSaid(answer.ok ? answer.value : undefined);
    setFaults(answer.ok ? [] : answer.faults);
  };
  return (
    <details className="mt-2">
      <summary className="text-ink2 cursor-pointer py-1">Verify</summary>
      <form className="flex flex-wrap items-end gap-2" onSubmit={verify}>
        <label className="text-caption text-ink2 grid min-w-0 flex-1 gap-0.5">
          Digest as printed on the report
          <input className="field font-mono text-xs" name="digest" defaultValue={digest} required />
        </label>
        <button className="act" disabled={!awake}>
          Verify
        </button>
      </form>
      <div role="status" className="mt-1">
        {faults.map((fault) => (
          <p key={fault} className="text-danger font-semibold">
            {fault}
          </p>
        ))}
        {said && (
          <>
            <p className={said.sealed ? 'font-bold' : 'text-danger font-bold'}>
              {said.sealed
                ? 'True: package, entries and digest are one.'
                : 'Not true: something is not as it was sealed.'}
            </p>
            <ul className="list-disc pl-5">
              {said.differences.map((words) => (
                <li key={words}>{words}</li>
              ))}
              {said.otherwise.map((words) => (
                <li key={words}>Today’s rules say otherwise: {words}</li>
              ))}
            </ul>
            {said.otherwise.length === 0 && <p>Today’s rules say the same of these entries.</p>}
            {said.brought.map((words) => (
              <p key={words}>{words}</p>
            ))}
            {said.since > 0 && <p>{said.since} entries arrived since and await a revision.</p>}
          </>
        )}
      </div>
    </details>
  );
}
