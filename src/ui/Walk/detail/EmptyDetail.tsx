'use client';

import { openings } from '@/core/vocabulary/openings';
import { useState } from 'react';
import type { PropertyValue } from '@/core/record/entries/properties';
import { formOf } from '@/core/vocabulary/device-forms';
import type { FormName } from '@/core/vocabulary/device-forms';
import type { PositionView } from '@/core/installation/panel/views';
import type { Size } from '@/core/vocabulary/size';
import { capital } from '@/core/vocabulary/phrases';
import { positionsOf } from '@/core/fieldwork/recording/line-of-device';
import { freeBelow } from '@/core/fieldwork/recording/repeat';
import { useBook } from '../../Book/context';
import { PhotoInput } from '../../Photos/PhotoInput';
import { FactSheet } from '../../facts/FactSheet';
import { OneOf } from '../../primitives/OneOf';
import { LooseList } from './AddLooseWire';
import { NoticedKeys } from './NoticedKeys';
import { formsFor, moreRatings, ratings } from './offered';
import { PositionHeading } from './PositionHeading';
import { MoreRepeats, SameAsLast } from './RepeatButtons';
import { WireKeys } from './WireKeys';
import { Folded } from '../../primitives/Folded';

/** A position without a breaker: the rating first, then its wire, or the same as the last. */
export function EmptyDetail({ position }: { position: PositionView }) {
  const { panel, actions } = useBook();
  const forms = formsFor(panel);
  const [form, setForm] = useState<FormName>(forms[0]!);
  const [rating, setRating] = useState<number>();
  const [size, setSize] = useState<Size>();
  const [metal, setMetal] = useState<'cu' | 'al'>('cu');
  const { rows: height, handles, noHandle, terminals } = formOf(form);
  const place = (rated: number | undefined, wire: Size | undefined) =>
    void actions.recordLine({
      kind: 'position',
      positions: positionsOf(panel, { ...position, height }),
      form,
      ...(form === 'half' && { half: 'upper' }),
      ...(rated && { ratingsA: Array.from({ length: Math.max(...handles) + 1 }, () => rated) }),
      ...(wire && { wires: terminals.map(() => [{ size: wire, metal }]), maybeMore: true }),
      marks: [],
      names: [],
    });
  const close = (opening: PropertyValue<'opening'>, stepOn: boolean) => {
    const [, next] = freeBelow(panel, position);
    void actions.observe(position.ref, { opening }).then((refused) => {
      if (!refused && stepOn && next) actions.step({ kind: 'position', number: next.number });
    });
  };
  const opening = position.opening?.value;
  const common = forms.slice(0, 3);
  return (
    <div className="grid gap-2.5">
      <PositionHeading
        label={String(position.number)}
        title={opening ? openings[opening].short : 'Not recorded'}
        under={`leg ${position.leg}`}
      />
      {noHandle ? (
        <button className="act act-main" onClick={() => place(undefined, size)}>
          It stands here
        </button>
      ) : (
        <Ratings chosen={rating} choose={(one) => (setRating(one), place(one, size))} />
      )}
      <div className="grid auto-cols-fr grid-flow-col gap-1.5">
        <OneOf
          label="Form of the device"
          className="contents"
          each="act px-1!"
          choices={common.map((key) => ({ value: key, words: capital(formOf(key).short) }))}
          value={form}
          choose={setForm}
        />
        <button
          className="act px-1!"
          aria-pressed={opening === 'blanked'}
          onClick={() => close('blanked', true)}
        >
          Blank
        </button>
        <button
          className="act px-1!"
          aria-pressed={opening === 'open'}
          onClick={() => close('open', false)}
        >
          Open
        </button>
      </div>
      <WireKeys
        to={`at ${position.number}`}
        metal={metal}
        setMetal={setMetal}
        chosen={size}
        add={(one) => setSize(size === one ? undefined : one)}
      />
      <SameAsLast position={position} />
      <NoticedKeys about={position.ref} without={['loose']} />
      <LooseList />
      <Folded words="Other kinds, larger ratings, the same again">
        <div className="mt-2 grid gap-2.5">
          <OneOf
            label="Other form of the device"
            className="grid grid-cols-3 gap-1.5"
            each="act px-1!"
            choices={forms
              .slice(3)
              .map((key) => ({ value: key, words: capital(formOf(key).short) }))}
            value={form}
            choose={setForm}
          />
          <div className="grid grid-cols-5 gap-1.5">
            {moreRatings.map((one) => (
              <button key={one} className="act px-1!" onClick={() => place(one, size)}>
                {one} A
              </button>
            ))}
          </div>
          <MoreRepeats position={position} />
          <div className="grid gap-1.5">
            {(['covered', 'taped', 'unfit'] as const).map((one) => (
              <button
                key={one}
                className="act"
                aria-pressed={opening === one}
                onClick={() => close(one, one === 'covered')}
              >
                {openings[one].short}
              </button>
            ))}
          </div>
        </div>
      </Folded>
      <PhotoInput about={position.ref} words={`Photo of ${position.number}`} />
      <Folded words="Everything of this position">
        <div className="mt-2">
          <FactSheet about={position.ref} without={['opening']} />
        </div>
      </Folded>
    </div>
  );
}

function Ratings({ chosen, choose }: { chosen: number | undefined; choose(rating: number): void }) {
  return (
    <div className="grid grid-cols-5 gap-1.5" role="group" aria-label="Rating of the device">
      {ratings.map((one) => (
        <button
          key={one}
          className="act text-heading px-1!"
          aria-pressed={chosen === one}
          onClick={() => choose(one)}
        >
          {one}
          <span className="text-caption font-normal"> A</span>
        </button>
      ))}
    </div>
  );
}
