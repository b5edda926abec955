'use client';

import { useState } from 'react';
import type { PropertyValue } from '@/core/record/entries/properties';
import { formOf } from '@/core/vocabulary/device-forms';
import type { FormName } from '@/core/vocabulary/device-forms';
import type { PositionView } from '@/core/installation/panel/views';
import { positionsOf } from '@/core/fieldwork/recording/line-of-device';
import { useBook } from '../../Book/context';
import { PhotoInput } from '../../Photos/PhotoInput';
import { FactSheet } from '../../facts/FactSheet';
import { capital } from '@/core/vocabulary/phrases';
import { formsFor, ratings } from './offered';
import { PositionHeading } from './PositionHeading';
import { RepeatButtons } from './RepeatButtons';
import { OneOf } from '../../primitives/OneOf';

/** A position without a breaker: say what is there, the rating first. */
export function EmptyDetail({ position }: { position: PositionView }) {
  const { panel, actions } = useBook();
  const forms = formsFor(panel);
  const [form, setForm] = useState<FormName>(forms[0]!);
  const { rows: height, handles, noHandle } = formOf(form);
  const place = (rating?: number) =>
    void actions.recordLine({
      kind: 'position',
      positions: positionsOf(panel, { ...position, height }),
      form,
      ...(form === 'half' && { half: 'upper' }),
      ...(rating && { ratingsA: Array.from({ length: Math.max(...handles) + 1 }, () => rating) }),
      marks: [],
      names: [],
    });
  const close = (opening: PropertyValue<'opening'>) =>
    void actions.observe(position.ref, { opening });
  const opening = position.opening?.value;
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
        <legend className="text-caption text-ink2">A device of this form and rating</legend>
        <OneOf
          label="Form of the device"
          className="mt-1 grid grid-cols-3 gap-2"
          each="act px-1.5!"
          choices={forms.map((key) => ({ value: key, words: capital(formOf(key).short) }))}
          value={form}
          choose={setForm}
        />
        <div className="mt-2 grid grid-cols-4 gap-2">
          {noHandle ? (
            <button className="act act-main col-span-4" onClick={() => place()}>
              It stands here
            </button>
          ) : (
            ratings.map((rating) => (
              <button key={rating} className="act text-heading" onClick={() => place(rating)}>
                {rating} A
              </button>
            ))
          )}
        </div>
      </fieldset>
      <RepeatButtons position={position} />
      <fieldset>
        <legend className="text-caption text-ink2">No breaker</legend>
        <OneOf
          label="No breaker"
          className="mt-1 grid grid-cols-3 gap-2"
          choices={[
            { value: 'open', words: 'Open' },
            { value: 'blanked', words: 'Blank' },
            { value: 'covered', words: 'Cover closed' },
          ]}
          value={opening}
          choose={close}
        />
      </fieldset>
      <PhotoInput about={position.ref} words={`Photo of ${position.number}`} />
      <details>
        <summary className="act w-full">Everything of this position</summary>
        <div className="mt-2">
          <FactSheet about={position.ref} without={['opening']} />
        </div>
      </details>
    </div>
  );
}
