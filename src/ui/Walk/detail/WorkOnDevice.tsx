'use client';

import { useState } from 'react';
import { formOf } from '@/core/vocabulary/device-forms';
import type { FormName } from '@/core/vocabulary/device-forms';
import type { DeviceView } from '@/core/installation/panel/views';
import { moveDevice } from '@/core/fieldwork/recording/move-device';
import { reformDevice } from '@/core/fieldwork/recording/reform-device';
import { ratingsOf } from '@/core/fieldwork/recording/replacement';
import { replaceDevice } from '@/core/fieldwork/recording/replace-device';
import { othersOf, takeOutDevice } from '@/core/fieldwork/recording/take-out-device';
import type { TakingOut } from '@/core/fieldwork/recording/take-out-device';
import { useBook } from '../../Book/context';
import { OneOf } from '../../primitives/OneOf';
import { capital } from '@/core/vocabulary/phrases';
import { formsFor, ratings, moreRatings } from './offered';
import { Folded } from '../../primitives/Folded';

/** What becomes of a device: moved, taken out, replaced, put right. Its wires go with it or stay, on no screw. */
export function WorkOnDevice({ device }: { device: DeviceView }) {
  const { actions } = useBook();
  const [work, setWork] = useState<'move' | 'out' | 'replace' | 'right'>();
  const several = device.stands === 'position';
  return (
    <Folded words="Moved, taken out, replaced, put right">
      <div className="mt-2 grid gap-2">
        <OneOf
          label="What becomes of it"
          className="grid grid-cols-2 gap-2"
          choices={[
            ...(several ? [{ value: 'move' as const, words: 'Moved to …' }] : []),
            { value: 'out', words: 'Taken out …' },
            { value: 'replace', words: 'Another instead …' },
            { value: 'right', words: 'It is another kind …' },
          ]}
          value={work}
          choose={setWork}
        />
        {work === 'move' && <Move device={device} />}
        {work === 'out' && <TakeOut device={device} />}
        {(work === 'replace' || work === 'right') && (
          <FormAndRating
            key={work}
            device={device}
            words={
              work === 'replace'
                ? 'The new one. Wires go over screw by screw; a wire too many is on no screw.'
                : 'The same one, the record put right.'
            }
            choose={(form, rating) => {
              const as = { form, ...(rating && { handleRatingsA: ratingsOf(form, rating) }) };
              void actions.work((bench) =>
                work === 'replace'
                  ? replaceDevice(device, as, bench)
                  : reformDevice(device, as, bench),
              );
            }}
          />
        )}
        <button
          className="act"
          onClick={() =>
            void actions.work((bench) => takeOutDevice(device, { mistaken: true }, bench))
          }
        >
          Never there: put the record right
        </button>
      </div>
    </Folded>
  );
}

function Move({ device: moved }: { device: DeviceView }) {
  const { panel, actions } = useBook();
  const free = panel.positions.filter(
    ({ devices }) => devices.length === 0 || (moved.half && devices[0]?.half),
  );
  return (
    <fieldset>
      <legend className="text-caption text-ink2">To a free position, with its wires</legend>
      <div className="mt-1 grid grid-cols-6 gap-2">
        {free.map(({ ref, number }) => (
          <button
            key={ref}
            className="act px-1!"
            onClick={() =>
              void actions
                .work((bench) => moveDevice(moved, { number }, bench))
                .then((refused) => {
                  if (!refused) actions.step({ kind: 'position', number });
                })
            }
          >
            {number}
          </button>
        ))}
      </div>
    </fieldset>
  );
}

function TakeOut({ device: out }: { device: DeviceView }) {
  const { panel, actions } = useBook();
  const others = othersOf(out, panel);
  const [withOthers, setWithOthers] = useState(false);
  const take = (leaves?: TakingOut['leaves']) =>
    void actions.work((bench) =>
      takeOutDevice(out, { withOthers, ...(leaves && { leaves }) }, bench),
    );
  return (
    <fieldset className="grid gap-2">
      <legend className="text-caption text-ink2">
        Its wires stay in the panel, on no screw, until they are landed or capped.
      </legend>
      {others.length > 0 && (
        <OneOf
          label="Its neutral and ground"
          className="grid grid-cols-2 gap-2"
          choices={[
            { value: 'stay', words: 'Neutral, ground stay' },
            { value: 'off', words: 'They come off too' },
          ]}
          value={withOthers ? 'off' : 'stay'}
          choose={(next) => setWithOthers(next === 'off')}
        />
      )}
      <div className="grid grid-cols-3 gap-2">
        <button className="act" onClick={() => take('blanked')}>
          And blanked
        </button>
        <button className="act" onClick={() => take('open')}>
          Left open
        </button>
        <button className="act" onClick={() => take()}>
          Not looked
        </button>
      </div>
    </fieldset>
  );
}

function FormAndRating({
  device,
  words,
  choose,
}: {
  device: DeviceView;
  words: string;
  choose(form: FormName, rating?: number): void;
}) {
  const { panel } = useBook();
  const forms = formsFor(panel);
  const [form, setForm] = useState<FormName>(device.form);
  const offered = forms.includes(device.form) ? forms : [device.form, ...forms];
  return (
    <fieldset className="grid gap-2">
      <legend className="text-caption text-ink2">{words}</legend>
      <OneOf
        label="Form of the device instead"
        className="grid grid-cols-3 gap-2"
        each="act px-1.5!"
        choices={offered.map((key) => ({ value: key, words: capital(formOf(key).short) }))}
        value={form}
        choose={setForm}
      />
      <div className="grid grid-cols-5 gap-2">
        {formOf(form).noHandle ? (
          <button className="act act-main col-span-5" onClick={() => choose(form)}>
            It stands here
          </button>
        ) : (
          [...ratings, ...moreRatings].map((rating) => (
            <button key={rating} className="act px-1!" onClick={() => choose(form, rating)}>
              {rating} A
            </button>
          ))
        )}
      </div>
    </fieldset>
  );
}
