'use client';

import { useState } from 'react';
import type { Addition, AdditionKind } from '@/core/measure/load/addition';
import { additionFits, additionKinds, breakerForA } from '@/core/measure/load/addition';
import { systems } from '@/core/vocabulary/system';
import { useBook } from '../Book/context';

const wantedWords: Record<string, string> = {
  peakOver: 'Say over how long the peak was recorded; or record floor area and every fixed load.',
  peakLegA:
    'Record the peak of the highest leg over a year or 30 days first; or record floor area and every fixed load.',
  floorAreaM2: 'Record the floor area first.',
  loadsListed: 'Record all fixed loads with their power first.',
  listedW: 'Read the power of every fixed load first.',
  mainKind: 'Read the rating of the main first.',
};

/** Whether what somebody wants to add fits: a charger, a heat pump, the next household's appliances. */
export function Additions() {
  const { state, panel } = useBook();
  const { site, yardstick } = state.assessment;
  const [additions, setAdditions] = useState<readonly Addition[]>([]);
  const [words, setWords] = useState('');
  const [amps, setAmps] = useState('');
  const [poles, setPoles] = useState<1 | 2>(2);
  const [continuous, setContinuous] = useState(true);
  const [kind, setKind] = useState<AdditionKind>('other');
  const value = Number(amps.replace(',', '.'));
  const valid = Number.isFinite(value) && value > 0 && value <= 400;
  const { legToLegV, legToNeutralV } = systems[panel.system];
  const { answers, wanted } = additionFits(site, panel, additions, yardstick);
  const use = site.site && site.reader.value(site.site, 'nextUse');
  return (
    <section aria-labelledby="additions">
      <h3 id="additions" className="text-heading font-bold">
        What could be added
      </h3>
      {use && <p className="text-ink2">Next occupants: {use}</p>}
      <form
        className="mt-1 grid grid-cols-2 gap-2 sm:grid-cols-4"
        onSubmit={(event) => {
          event.preventDefault();
          if (!valid) return;
          setAdditions([
            ...additions,
            {
              words: words.trim() || 'a load',
              amps: value,
              volts: poles === 2 ? legToLegV : legToNeutralV.A,
              continuous,
              kind,
            },
          ]);
          setWords('');
          setAmps('');
        }}
      >
        <label className="text-caption text-ink2 grid gap-0.5">
          What
          <input
            className="field"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
        </label>
        <label className="text-caption text-ink2 grid gap-0.5">
          Amps
          <input
            className="field"
            inputMode="decimal"
            value={amps}
            onChange={(event) => setAmps(event.target.value)}
          />
        </label>
        <label className="text-caption text-ink2 grid gap-0.5">
          Kind
          <select
            className="field"
            value={kind}
            onChange={(event) => setKind(event.target.value as AdditionKind)}
          >
            {Object.entries(additionKinds).map(([key, words]) => (
              <option key={key} value={key}>
                {words}
              </option>
            ))}
          </select>
        </label>
        <label className="text-caption text-ink2 grid gap-0.5">
          Connected
          <select
            className="field"
            value={poles}
            onChange={(event) => setPoles(Number(event.target.value) as 1 | 2)}
          >
            <option value={2}>{legToLegV} V</option>
            <option value={1}>{legToNeutralV.A} V</option>
          </select>
        </label>
        <label className="flex min-h-8 cursor-pointer items-center gap-2 self-end">
          <input
            type="checkbox"
            className="accent-accent size-4"
            checked={continuous}
            onChange={(event) => setContinuous(event.target.checked)}
          />
          Three hours or more
        </label>
        <button className="act col-span-2 sm:col-span-4" disabled={!valid}>
          Add it to what would be added
        </button>
      </form>
      <ul>
        {additions.map((one, index) => (
          <li key={index} className="border-hair flex items-center gap-2 border-b py-1">
            <span className="flex-1">
              <strong>{one.words}</strong>, {one.amps} A at {one.volts} V, its own breaker{' '}
              {breakerForA(yardstick, one) ?? 'above the standard ratings'} A
            </span>
            <button
              className="act"
              onClick={() => setAdditions(additions.filter((_, at) => at !== index))}
            >
              Take it out
            </button>
          </li>
        ))}
      </ul>
      <div role="status">
        {wanted && <p className="text-ink2 mt-1">{wantedWords[wanted] ?? wanted}</p>}
        {answers.map(({ method, amps: total, ratingA, fits, leftA }) => (
          <p key={method} className="mt-1">
            By {method}: {Math.round(total)} A of {ratingA} A,{' '}
            <strong className={fits ? '' : 'text-danger'}>
              {fits
                ? `fits, ${Math.floor(leftA)} A left`
                : `does not fit: ${Math.ceil(-leftA)} A too much`}
            </strong>
          </p>
        ))}
      </div>
    </section>
  );
}
