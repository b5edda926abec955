'use client';

import { useMemo, useState } from 'react';
import { cautions } from '@/core/show/report/cautions';
import { slotGroups } from '@/core/fieldwork/bench/slots';
import { readingsOf } from '@/core';
import { useBook, useInHand } from '../Book/context';
import { GroupList } from './GroupList';
import { InstrumentBench } from './InstrumentBench';
import { SlotTable } from './SlotTable';
import { lazily } from '../primitives/lazily';

const Thermal = lazily(async () => (await import('./Thermal')).Thermal);

/** Stage 10: a bench of readings in the right order, each with its limits, instrument, author and verdict. */
export function Readings() {
  const { state, panel } = useBook();
  const { trouble } = useInHand();
  const { assessment } = state;
  const groups = useMemo(() => slotGroups(assessment, panel), [assessment, panel]);
  const readingOf = useMemo(() => readingsOf(assessment, panel), [assessment, panel]);
  const [groupKey, setGroup] = useState('supply');
  const group = groups.find(({ key }) => key === groupKey) ?? groups[0]!;
  const [slotKey, setSlot] = useState<string>();
  const [stepped, setStepped] = useState(false);
  const slot = group.slots.find(({ key }) => key === slotKey) ?? group.slots[0];
  const next = () => {
    const at = group.slots.findIndex(({ key }) => key === slot?.key);
    const after = [...group.slots.slice(at + 1), ...group.slots.slice(0, at)];
    const unread = after.find((one) => !readingOf(one).fact);
    setSlot((unread ?? after[0])?.key);
    setStepped(true);
  };
  return (
    <main className="bg-sheet h-full overflow-y-auto lg:overflow-hidden" aria-label="Readings">
      <div className="grid grid-cols-[minmax(0,1fr)] lg:h-full lg:grid-cols-[230px_minmax(0,1fr)_320px]">
        <div className="border-line min-w-0 p-4 max-lg:pb-0 lg:overflow-y-auto lg:border-r">
          <h2 className="text-heading border-line border-b pb-1.5 font-bold">
            Readings of {panel.name}
          </h2>
          <GroupList
            groups={groups}
            readingOf={readingOf}
            chosen={group.key}
            choose={(key) => {
              setGroup(key);
              setSlot(undefined);
              setStepped(false);
            }}
          />
          <p className="text-ink2 mt-3 max-lg:hidden">{cautions[0]}</p>
        </div>
        <div className="min-w-0 p-4 lg:overflow-y-auto">
          <h3 className="text-heading font-bold">{group.title}</h3>
          <p className="text-ink2 mb-2">{group.does}</p>
          {trouble && (
            <p role="alert" className="text-danger mb-2 font-semibold">
              {trouble}
            </p>
          )}
          {group.key === 'heat' && <Thermal key={panel.id} />}
          <SlotTable
            slots={group.slots}
            readingOf={readingOf}
            chosen={slot?.key}
            choose={setSlot}
          />
        </div>
        <aside
          className="border-line bg-app min-w-0 p-4 max-lg:sticky max-lg:bottom-0 max-lg:border-t max-lg:py-2 lg:overflow-y-auto lg:border-l"
          aria-label="Instrument"
        >
          {slot && (
            <InstrumentBench
              key={slot.kind}
              slot={slot}
              reading={readingOf(slot)}
              taken={next}
              stepped={stepped}
            />
          )}
        </aside>
      </div>
    </main>
  );
}
