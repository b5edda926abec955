'use client';

import { useState } from 'react';
import { valibotResolver } from '@hookform/resolvers/valibot';
import { useForm } from 'react-hook-form';
import * as v from 'valibot';
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

/** Most amps one addition may have. */
const mostA = 400;

const additionSchema = v.object({
  words: v.pipe(v.string(), v.trim(), v.maxLength(120)),
  amps: v.pipe(
    v.string(),
    v.trim(),
    v.transform((typed) => (typed === '' ? NaN : Number(typed.replace(',', '.')))),
    v.number(`Amps: a figure above 0, to ${mostA}.`),
    v.check((amps) => amps > 0 && amps <= mostA, `Amps: a figure above 0, to ${mostA}.`),
  ),
  kind: v.picklist(Object.keys(additionKinds) as [AdditionKind, ...AdditionKind[]]),
  poles: v.picklist(['1', '2']),
  continuous: v.boolean(),
});

/** Whether what somebody wants to add fits: a charger, a heat pump, the next household's appliances. */
export function Additions() {
  const { state, panel } = useBook();
  const { site, yardstick } = state.assessment;
  const [additions, setAdditions] = useState<readonly Addition[]>([]);
  const { register, handleSubmit, reset, formState } = useForm<
    v.InferInput<typeof additionSchema>,
    unknown,
    v.InferOutput<typeof additionSchema>
  >({
    resolver: valibotResolver(additionSchema),
    defaultValues: { words: '', amps: '', kind: 'other', poles: '2', continuous: true },
    mode: 'onChange',
  });
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
        onSubmit={handleSubmit(({ words, amps, poles, continuous, kind }) => {
          const volts = poles === '2' ? legToLegV : legToNeutralV.A;
          setAdditions([...additions, { words: words || 'a load', amps, volts, continuous, kind }]);
          reset({ words: '', amps: '', kind, poles, continuous });
        })}
      >
        <label className="text-caption text-ink2 grid gap-0.5">
          What
          <input className="field" {...register('words')} />
        </label>
        <label className="text-caption text-ink2 grid gap-0.5">
          Amps
          <input className="field" inputMode="decimal" {...register('amps')} />
        </label>
        <label className="text-caption text-ink2 grid gap-0.5">
          Kind
          <select className="field" {...register('kind')}>
            {Object.entries(additionKinds).map(([key, words]) => (
              <option key={key} value={key}>
                {words}
              </option>
            ))}
          </select>
        </label>
        <label className="text-caption text-ink2 grid gap-0.5">
          Connected
          <select className="field" {...register('poles')}>
            <option value={2}>{legToLegV} V</option>
            <option value={1}>{legToNeutralV.A} V</option>
          </select>
        </label>
        <label className="flex min-h-8 cursor-pointer items-center gap-2 self-end">
          <input type="checkbox" className="accent-accent size-4" {...register('continuous')} />
          Three hours or more
        </label>
        <button className="act col-span-2 sm:col-span-4" disabled={!formState.isValid}>
          Add it to what would be added
        </button>
        {formState.errors.amps && formState.dirtyFields.amps && (
          <p role="alert" className="text-danger col-span-2 sm:col-span-4">
            {formState.errors.amps.message}
          </p>
        )}
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
