'use client';

import { useState } from 'react';
import { askJson } from '@/client/http';
import { preparePicture } from '@/client/pictures/prepare';
import type { DateStyle, Letterhead, Paper } from '@/core/codes/settings/letterhead';
import { countedUp } from '@/core/codes/settings/letterhead';
import { OneOf } from '../primitives/OneOf';
import { Said } from '../primitives/Said';
import { useAwake } from '../primitives/use-awake';
import { usePosting } from '../primitives/use-posting';
import { LetterheadPreview } from './LetterheadPreview';

interface LetterheadFormProps {
  office: string;
  letterhead: Letterhead;
  version: number;
}

/** How the office shows itself on reports issued from now on, and how that looks. */
export function LetterheadForm({ office, letterhead, version }: LetterheadFormProps) {
  const awake = useAwake();
  const { post, said, busy } = usePosting();
  const [typed, setTyped] = useState(letterhead);
  const [fault, setFault] = useState('');
  const change = (more: Partial<Letterhead>) => setTyped({ ...typed, ...more });
  const takeLogo = async (file: File | undefined) => {
    if (!file) return;
    setFault('');
    const prepared = await preparePicture(file);
    if ('reason' in prepared) return setFault(prepared.reason);
    const { blob, digest, width, height } = prepared;
    const sent = await askJson('/api/pictures', { method: 'post', body: blob, timeout: 60_000 });
    if (sent.ok) change({ logo: { digest, width, height } });
    else setFault(sent.faults.join(' '));
  };
  return (
    <div className="grid grid-cols-1 gap-8 lg:grid-cols-2">
      <form
        className="grid grid-cols-1 content-start gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          void post(
            '/api/office/letterhead',
            { letterhead: typed, version },
            'Kept for reports issued from now on. Those issued keep theirs.',
          );
        }}
      >
        <Area
          label="Address, telephone and the like: a line each"
          rows={4}
          most={400}
          value={typed.address}
          change={(address) => change({ address })}
        />
        <Area
          label="Licence of the office"
          rows={1}
          most={200}
          value={typed.licence}
          change={(licence) => change({ licence })}
        />
        <Area
          label="Insurance"
          rows={2}
          most={300}
          value={typed.insurance}
          change={(insurance) => change({ insurance })}
        />
        <div className="flex flex-wrap items-center gap-2">
          <label className="act">
            {typed.logo ? 'Another sign' : 'Add a sign of the office'}
            <input
              type="file"
              className="sr-only"
              accept="image/jpeg,image/png,image/webp"
              onChange={(event) => void takeLogo(event.target.files?.[0])}
            />
          </label>
          {typed.logo && (
            <button className="act" type="button" onClick={() => change({ logo: null })}>
              Without a sign
            </button>
          )}
        </div>
        <Area
          label="What an inspection of yours covers, and what not"
          rows={5}
          most={8000}
          value={typed.covers.text}
          change={(text) => change({ covers: { ...typed.covers, text } })}
        />
        <Area
          label="Terms"
          rows={5}
          most={8000}
          value={typed.terms.text}
          change={(text) => change({ terms: { ...typed.terms, text } })}
        />
        <p className="text-ink2">
          Each of these texts is printed with its version, counted up when it changes.
        </p>
        <fieldset className="grid min-w-0 grid-cols-1 gap-2">
          <legend className="font-semibold">Paper</legend>
          <OneOf<Paper>
            label="Paper"
            choices={[
              { value: 'a4', words: 'A4' },
              { value: 'letter', words: 'Letter' },
            ]}
            value={typed.paper}
            choose={(paper) => change({ paper })}
          />
        </fieldset>
        <fieldset className="grid min-w-0 grid-cols-1 gap-2">
          <legend className="font-semibold">Dates</legend>
          <OneOf<DateStyle>
            label="Dates"
            choices={[
              { value: 'day-first', words: '14 April 2026' },
              { value: 'month-first', words: 'April 14, 2026' },
            ]}
            value={typed.dates}
            choose={(dates) => change({ dates })}
          />
        </fieldset>
        <Said said={fault ? { good: false, words: fault } : said} />
        <button className="act act-main justify-self-start" disabled={!awake || busy}>
          Keep the letterhead
        </button>
      </form>
      <LetterheadPreview office={office} letterhead={countedUp(letterhead, typed)} />
    </div>
  );
}

interface AreaProps {
  label: string;
  rows: number;
  most: number;
  value: string;
  change(value: string): void;
}

const Area = ({ label, rows, most, value, change }: AreaProps) => (
  <label className="grid gap-1 font-semibold">
    {label}
    <textarea
      className="field h-auto py-2 font-normal"
      rows={rows}
      maxLength={most}
      value={value}
      onChange={(event) => change(event.target.value)}
    />
  </label>
);
