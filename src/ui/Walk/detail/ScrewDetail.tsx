'use client';

import { ChevronDown, ChevronUp } from 'lucide-react';
import { terminalRef } from '@/core/record/entries/thing-types';
import { add } from '@/core/fieldwork/recording/draft';
import { conductorWords } from '@/core/installation/panel/words';
import type { ConductorView } from '@/core/installation/panel/views';
import { useBook } from '../../Book/context';
import { FactSheet } from '../../facts/FactSheet';
import { SureChoice } from '../../facts/SureChoice';
import { Folded } from '../../primitives/Folded';

/** One screw of a bar: what is under it, and one tap for another conductor. */
export function ScrewDetail({ bar: barId, number }: { bar: string; number: number }) {
  const { panel, actions } = useBook();
  const bar = panel.bars.find((one) => one.id === barId);
  const terminal = bar?.terminals.find((one) => one.number === number);
  if (!bar || !terminal) return <p className="p-4">This screw is not there any more.</p>;
  const go = (to: number) => actions.select({ kind: 'screw', bar: bar.id, number: to });
  const land = (use: 'neutral' | 'ground') =>
    void actions.record((newId) => [
      add('conductor', newId(), panel.id, { function: use, landsOn: terminalRef(bar.id, number) }),
    ]);
  const word = bar.kind === 'ground' ? 'Ground' : 'Neutral';
  return (
    <section className="border-line grid gap-3 border-b p-4" aria-label={`${word} screw ${number}`}>
      <div className="flex items-start gap-3">
        <span className="text-3xl leading-none font-bold">
          {word.charAt(0)}
          {number}
        </span>
        <div className="flex-1">
          <h2 className="text-heading font-bold">
            {word} screw {number}
          </h2>
          <p className="text-ink2">of {bar.count}</p>
        </div>
        <button
          className="act w-12"
          disabled={number <= 1}
          onClick={() => go(number - 1)}
          aria-label="Previous screw"
        >
          <ChevronUp size={18} aria-hidden="true" />
        </button>
        <button
          className="act w-12"
          disabled={number >= (bar.count ?? 0)}
          onClick={() => go(number + 1)}
          aria-label="Next screw"
        >
          <ChevronDown size={18} aria-hidden="true" />
        </button>
      </div>
      <ul>
        {terminal.conductors.map((conductor) => (
          <ConductorRow key={conductor.id} conductor={conductor} />
        ))}
        {terminal.conductors.length === 0 && (
          <li className="text-ink2">Nothing recorded under it.</li>
        )}
      </ul>
      <div className="grid grid-cols-2 gap-2">
        <button className="act" onClick={() => land('neutral')}>
          + neutral
        </button>
        <button className="act" onClick={() => land('ground')}>
          + ground
        </button>
      </div>
      <button
        className="act"
        onClick={() =>
          void actions.observe(terminal.ref, { conductorCount: terminal.conductors.length })
        }
      >
        That is all under it: {terminal.conductors.length}
      </button>
      <Folded words="Everything of this screw">
        <div className="mt-2 grid gap-2">
          <SureChoice />
          <FactSheet about={terminal.ref} />
        </div>
      </Folded>
      <button className="act" onClick={() => actions.select({ kind: 'thing', ref: bar.id })}>
        The whole bar: everything
      </button>
    </section>
  );
}

function ConductorRow({ conductor }: { conductor: ConductorView }) {
  const { panel, actions } = useBook();
  const device = panel.devices.find((one) =>
    one.terminals.some((terminal) =>
      terminal.conductors.some((hot) => hot.cable && hot.cable.id === conductor.cable?.id),
    ),
  );
  const size = conductorWords(conductor);
  return (
    <li className="border-hair flex items-center justify-between gap-2 border-b py-1">
      <span>
        {conductor.function?.value ?? 'use not recorded'}
        {device && ` of ${device.label}`}
        {size !== 'size not read' && `, ${size}`}
      </span>
      <button
        className="act px-2!"
        onClick={() => actions.select({ kind: 'thing', ref: conductor.id })}
        aria-label={`${conductor.function?.value ?? 'Conductor'}: everything of it`}
      >
        …
      </button>
      <button
        className="act px-2!"
        onClick={() => void actions.observe(conductor.id, { landsOn: null })}
        aria-label={`Take the ${conductor.function?.value ?? 'conductor'} off`}
      >
        −
      </button>
    </li>
  );
}
