'use client';

import { useState } from 'react';
import type { PropertyValue } from '@/core/entries/properties';
import { positionNumber } from '@/core/panel/numbering';
import type { PositionView } from '@/core/panel/views';
import { useWalk } from '../context';
import { PositionHeading } from './PositionHeading';

const ratings = [15, 20, 25, 30, 35, 40, 50, 60];
const forms: Record<PropertyValue<'form'>, string> = {
  'single-pole': '1 pole',
  'two-pole': '2 poles',
  tandem: 'Tandem',
};

/** A position without a breaker: say what is there, the rating first. */
export function EmptyDetail({ position }: { position: PositionView }) {
  const { panel, state, actions } = useWalk();
  const [form, setForm] = useState<PropertyValue<'form'>>('single-pole');
  const place = (rating: number) => {
    const second = positionNumber(
      panel.numbering,
      panel.rows ?? 0,
      position.column,
      position.row + 1,
    );
    void actions.recordLine({
      kind: 'position',
      positions: form === 'two-pole' ? [position.number, second] : [position.number],
      form,
      ratingsA: form === 'tandem' ? [rating, rating] : [rating],
      marks: [],
      names: [],
    });
  };
  const close = (opening: PropertyValue<'opening'>) =>
    void actions.observe(position.ref, { opening });
  const opening = position.opening?.value;
  const live = state.assessment.site.reader.value(position.ref, 'liveMetalInPlane');
  return (
    <div className="grid gap-3">
      <PositionHeading
        label={String(position.number)}
        title={
          opening
            ? { open: 'Open', blanked: 'Blank', covered: 'Cover closed' }[opening]
            : 'Not recorded'
        }
        under={`leg ${position.leg}`}
      />
      <fieldset>
        <legend className="text-caption text-ink2">A breaker of this form and rating</legend>
        <div className="mt-1 grid grid-cols-3 gap-2">
          {(Object.keys(forms) as PropertyValue<'form'>[]).map((key) => (
            <button
              key={key}
              className="act"
              aria-pressed={form === key}
              onClick={() => setForm(key)}
            >
              {forms[key]}
            </button>
          ))}
        </div>
        <div className="mt-2 grid grid-cols-4 gap-2">
          {ratings.map((rating) => (
            <button key={rating} className="act text-heading" onClick={() => place(rating)}>
              {rating} A
            </button>
          ))}
        </div>
      </fieldset>
      <fieldset>
        <legend className="text-caption text-ink2">No breaker</legend>
        <div className="mt-1 grid grid-cols-3 gap-2">
          <button className="act" aria-pressed={opening === 'open'} onClick={() => close('open')}>
            Open
          </button>
          <button
            className="act"
            aria-pressed={opening === 'blanked'}
            onClick={() => close('blanked')}
          >
            Blank
          </button>
          <button
            className="act"
            aria-pressed={opening === 'covered'}
            onClick={() => close('covered')}
          >
            Cover closed
          </button>
        </div>
        {opening === 'open' && (
          <button
            className="act mt-2 w-full"
            aria-pressed={live === true}
            onClick={() => void actions.observe(position.ref, { liveMetalInPlane: live !== true })}
          >
            Bare live metal in its plane
          </button>
        )}
      </fieldset>
    </div>
  );
}
