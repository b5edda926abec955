'use client';

import { useState } from 'react';
import type { Facts } from '@/core/record/entries/properties';
import { propertySpec } from '@/core/record/entries/properties';
import { instrumentWords } from '@/core/measure/readings/taken-with';
import type { Slot } from '@/core/fieldwork/bench/slots';
import type { Reading } from '@/core';
import { add, observe } from '@/core/fieldwork/recording/draft';
import type { InstrumentDriver } from '@/stand-ins/driver';
import { EventSourceDriver } from '@/stand-ins/event-source-driver';
import { useBook } from '../Book/context';
import { VerdictMark } from './VerdictMark';
import { useInstrument } from './use-instrument';
import { OneOf } from '../primitives/OneOf';

interface InstrumentBenchProps {
  slot: Slot;
  reading: Reading;
  /** The figure was recorded: on to the next. */
  taken(): void;
  /** One was recorded just now: the next is typed without a touch. */
  stepped: boolean;
}

/** The instrument in hand: its live figure, and one button that records it. A figure can be typed as well. */
export function InstrumentBench({ slot, reading, taken, stepped }: InstrumentBenchProps) {
  const { state, inspection, actions } = useBook();
  const { site } = state.assessment;
  const { reader } = site;
  const instruments = [...reader.inspection.things.values()].filter(
    (thing) =>
      thing.type === 'instrument' &&
      !reader.value(thing.id, 'removed') &&
      (reader.value(thing.id, 'instrumentKind') ?? slot.kind) === slot.kind,
  );
  const [chosen, choose] = useState<string>();
  const instrument = instruments.find(({ id }) => id === chosen)?.id ?? instruments[0]?.id;
  const [driver, setDriver] = useState<InstrumentDriver>();
  const [off, setOff] = useState(false);
  const [fault, setFault] = useState<string>();
  const live = useInstrument(driver, slot, off);

  const connect = async () => {
    const standIn = new EventSourceDriver(slot.kind, inspection, off);
    const refused = await standIn.connect();
    setFault(refused);
    if (refused) return;
    if (!instrument)
      await actions.record((newId) => [
        add('instrument', newId(), site.site!, {
          name: standIn.name,
          instrumentKind: slot.kind,
          instrumentRating: 'practice only, no rating',
        }),
      ]);
    setDriver(standIn);
  };
  const record = async (value: number | string) => {
    const facts = {
      [slot.property]: value,
      ...(instrument && !slot.button && { takenWith: instrument }),
    } as Facts;
    const refused = await actions.record(() => [
      observe(reader, slot.about, facts, slot.button ? 'seen' : 'measured'),
    ]);
    if (!refused) taken();
  };
  const turn = (next: boolean) => {
    setOff(next);
    if (driver) setDriver(new EventSourceDriver(slot.kind, inspection, next));
  };

  return (
    <div className="grid gap-3 max-lg:gap-2">
      <h3 className="text-heading font-bold">{slot.words}</h3>
      {slot.button ? (
        <OneOf
          label={propertySpec(slot.property)!.label}
          className="flex flex-wrap gap-2"
          choices={Object.entries(propertySpec(slot.property)!.choices!).map(([value, words]) => ({
            value,
            words,
          }))}
          value={reading.fact ? String(reading.fact.value) : undefined}
          choose={(value) => void record(value)}
        />
      ) : (
        <>
          <TypedFigure key={slot.key} slot={slot} stepped={stepped} record={record} />
          <details open={driver !== undefined}>
            <summary className="act w-full">A stand-in instrument, for practice</summary>
            <div className="mt-2 grid gap-2">
              <div
                className="border-line bg-sheet border p-3 text-center max-lg:py-1"
                aria-label="Live figure"
                role="group"
              >
                <output className="block font-mono text-4xl font-bold max-lg:text-3xl">
                  {live?.sample ? live.sample.value : '––'}{' '}
                  <span className="text-ink2 text-xl">{slot.unit}</span>
                </output>
                <p className="text-ink2">
                  {live?.fault ??
                    (driver
                      ? off
                        ? `${driver.name}, supply off`
                        : driver.name
                      : 'no instrument connected')}
                </p>
              </div>
              {driver ? (
                <button
                  className="act act-main min-h-12"
                  disabled={!live?.sample}
                  onClick={() => live?.sample && void record(live.sample.value)}
                >
                  Take this figure
                </button>
              ) : (
                <button className="act act-main min-h-12" onClick={() => void connect()}>
                  Connect the stand-in
                </button>
              )}
              {fault && (
                <p role="alert" className="text-danger font-semibold">
                  {fault}
                </p>
              )}
              {driver && (
                <button className="act" aria-pressed={off} onClick={() => turn(!off)}>
                  {off ? 'Stand-in supply is off' : 'Stand-in supply is on'}
                </button>
              )}
            </div>
          </details>
        </>
      )}
      <p className="max-lg:hidden">
        <VerdictMark verdict={reading.verdict} />
      </p>
      <div className="grid gap-1 max-lg:hidden">
        {instruments.length > 1 && (
          <label className="text-caption text-ink2 grid gap-0.5">
            Taken with
            <select
              className="field"
              value={instrument}
              onChange={(event) => choose(event.target.value)}
            >
              {instruments.map(({ id }) => (
                <option key={id} value={id}>
                  {instrumentWords(reader, id)}
                </option>
              ))}
            </select>
          </label>
        )}
        {instrument && instruments.length === 1 && (
          <p className="text-ink2">Taken with {instrumentWords(reader, instrument)}</p>
        )}
        <NewInstrument kind={slot.kind} choose={choose} />
      </div>
    </div>
  );
}

function TypedFigure({
  slot,
  stepped,
  record,
}: {
  slot: Slot;
  stepped: boolean;
  record(value: number): Promise<void>;
}) {
  const [typed, setTyped] = useState('');
  const value = Number(typed.replace(',', '.'));
  const valid = typed.trim() !== '' && Number.isFinite(value) && value >= 0;
  return (
    <form
      className="flex gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (valid) void record(value).then(() => setTyped(''));
      }}
    >
      <label className="text-caption text-ink2 grid flex-1 gap-0.5">
        Type it, {slot.unit}
        <input
          className="field"
          autoFocus={stepped}
          inputMode="decimal"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
      </label>
      <button className="act self-end" disabled={!valid}>
        Record
      </button>
    </form>
  );
}

function NewInstrument({ kind, choose }: { kind: Slot['kind']; choose(id: string): void }) {
  const { state, actions } = useBook();
  const [name, setName] = useState('');
  const [rating, setRating] = useState('');
  const [checked, setChecked] = useState('');
  const record = async () => {
    let made = '';
    const refused = await actions.record((newId) => {
      made = newId();
      return [
        add('instrument', made, state.assessment.site.site!, {
          name: name.trim(),
          instrumentKind: kind,
          ...(rating.trim() && { instrumentRating: rating.trim() }),
          ...(checked && { lastChecked: checked }),
        }),
      ];
    });
    if (refused) return;
    choose(made);
    setName('');
  };
  return (
    <details>
      <summary className="text-ink2 cursor-pointer py-1">Record another instrument</summary>
      <form
        className="grid gap-2 pt-1"
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim()) void record();
        }}
      >
        <label className="text-caption text-ink2 grid gap-0.5">
          Name
          <input className="field" value={name} onChange={(event) => setName(event.target.value)} />
        </label>
        <label className="text-caption text-ink2 grid gap-0.5">
          Rated for
          <input
            className="field"
            value={rating}
            onChange={(event) => setRating(event.target.value)}
          />
        </label>
        <label className="text-caption text-ink2 grid gap-0.5">
          Last checked
          <input
            className="field"
            type="date"
            value={checked}
            onChange={(event) => setChecked(event.target.value)}
          />
        </label>
        <button className="act" disabled={!name.trim()}>
          Record it
        </button>
      </form>
    </details>
  );
}
