'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { FormEvent } from 'react';
import { dayWords } from '@/core/show/report/dates';
import { postJson } from '@/client/http';
import { PdfButton } from '../Report/PdfButton';
import { VerifyForm } from './VerifyForm';
import { useAwake } from '../primitives/use-awake';

export interface IssuedLine {
  id: string;
  number: string;
  kind: 'report' | 'closing';
  /** YYYY-MM-DD */
  on: string;
  signedName: string;
  digest: string;
  changes: string;
  entries: number;
}

export interface LinkLine {
  id: string;
  report: string;
  to: string;
  until: string;
  state: 'open' | 'expired' | 'revoked';
  opened: number;
  acknowledged: string | undefined;
}

/** One issued report: opened, downloaded, verified, sent. */
export function IssuedItem({ line, links }: { line: IssuedLine; links: readonly LinkLine[] }) {
  const base = `/issued/${line.id}`;
  return (
    <article className="border-hair border-b py-3" aria-label={`Report ${line.number}`}>
      <h3 className="font-bold">
        {line.kind === 'closing' ? 'Closing report' : 'Report'} {line.number}
      </h3>
      <p className="text-ink2">
        {dayWords(line.on)}, signed {line.signedName}, {line.entries} entries
      </p>
      {line.changes && <p>Changes: {line.changes}</p>}
      <div className="mt-2 flex flex-wrap gap-2">
        <Link className="act" href={base}>
          Open
        </Link>
        <PdfButton href={`${base}/report.pdf?for=client`} />
        <a className="act" href={`${base}/package.zip`} download>
          Package
        </a>
      </div>
      <SendForm report={line.id} />
      {links.length > 0 && (
        <ul className="mt-2" aria-label="Links sent">
          {links.map((link) => (
            <LinkItem key={link.id} link={link} />
          ))}
        </ul>
      )}
      <VerifyForm report={line.id} digest={line.digest} />
    </article>
  );
}

function SendForm({ report }: { report: string }) {
  const router = useRouter();
  const awake = useAwake();
  const [said, setSaid] = useState<{ url?: string; faults?: string[] }>({});
  const send = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    const data = new FormData(form);
    const sent = await postJson<{ url: string }>('/api/links', {
      report,
      to: String(data.get('to')).trim(),
      days: Number(data.get('days')),
    });
    setSaid(sent.ok ? { url: sent.value.url } : { faults: sent.faults });
    if (sent.ok) {
      form.reset();
      router.refresh();
    }
  };
  return (
    <form className="mt-3 flex flex-wrap items-end gap-2" onSubmit={send}>
      <label className="text-caption text-ink2 grid min-w-48 flex-1 gap-0.5">
        Send a link to
        <input className="field" type="email" name="to" required placeholder="name@house.example" />
      </label>
      <label className="text-caption text-ink2 grid gap-0.5">
        Works for
        <select className="field" name="days" defaultValue="30">
          {[7, 30, 90, 365].map((days) => (
            <option key={days} value={days}>
              {days} days
            </option>
          ))}
        </select>
      </label>
      <button className="act" disabled={!awake}>
        Send
      </button>
      <div className="w-full" role="status">
        {said.url && (
          <p className="break-all">
            Sent. The link, shown this once: <a href={said.url}>{said.url}</a>
          </p>
        )}
        {said.faults?.map((fault) => (
          <p key={fault} className="text-danger font-semibold">
            {fault}
          </p>
        ))}
      </div>
    </form>
  );
}

function LinkItem({ link }: { link: LinkLine }) {
  const router = useRouter();
  const end = async () => {
    await postJson('/api/links/revoke', { link: link.id });
    router.refresh();
  };
  return (
    <li className="border-hair flex flex-wrap items-center gap-2 border-t py-1">
      <span className="min-w-0 flex-1">
        {link.to}, {link.state === 'open' ? `until ${dayWords(link.until)}` : link.state}, opened{' '}
        {link.opened} {link.opened === 1 ? 'time' : 'times'}
        {link.acknowledged && `, read and confirmed by ${link.acknowledged}`}
      </span>
      {link.state === 'open' && (
        <button
          className="act"
          onClick={() => void end()}
          aria-label={`Revoke the link of ${link.to}`}
        >
          Revoke
        </button>
      )}
    </li>
  );
}
