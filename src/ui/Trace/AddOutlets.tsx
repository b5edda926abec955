'use client';

import { useState } from 'react';
import { add } from '@/core/fieldwork/recording/draft';
import type { PanelTrace } from '@/core/model/tracing/trace-of-panel';
import { useBook } from '../Book/context';

/** A room and the outlets in it, parted by commas; several rooms, a line each. */
export function AddOutlets({ trace }: { trace: PanelTrace }) {
  const { state, panel, actions } = useBook();
  const { reader } = state.assessment.site;
  const [room, setRoom] = useState('');
  const [outlets, setOutlets] = useState('');
  const names = outlets
    .split(',')
    .map((one) => one.trim())
    .filter(Boolean);
  const known = [...reader.inspection.things.values()].find(
    (thing) =>
      thing.type === 'room' &&
      thing.in === panel.building &&
      reader.value(thing.id, 'name')?.toLowerCase() === room.trim().toLowerCase(),
  );
  const record = async () => {
    const refused = await actions.record((newId) => {
      const holder = known?.id ?? newId();
      return [
        ...(known ? [] : [add('room', holder, panel.building, { name: room.trim() })]),
        ...names.map((name) => add('outlet', newId(), holder, { name })),
      ];
    });
    if (!refused) setOutlets('');
  };
  const rooms = [...new Set(trace.outlets.map((one) => one.room ?? 'no room'))];
  return (
    <form
      className="grid content-start gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (room.trim() && names.length > 0) void record();
      }}
    >
      <h3 className="text-heading font-bold">Rooms and outlets</h3>
      <label className="text-caption text-ink2 grid gap-0.5">
        Room
        <input className="field" value={room} onChange={(event) => setRoom(event.target.value)} />
      </label>
      <label className="text-caption text-ink2 grid gap-0.5">
        Lamps, outlets and appliances in it, parted by commas
        <input
          className="field"
          value={outlets}
          onChange={(event) => setOutlets(event.target.value)}
        />
      </label>
      <button className="act" disabled={!room.trim() || names.length === 0}>
        Add {names.length > 0 ? names.length : ''} to the room
      </button>
      <ul>
        {rooms.map((name) => (
          <li key={name}>
            <strong>{name}:</strong>{' '}
            {trace.outlets
              .filter((one) => (one.room ?? 'no room') === name)
              .map((one) => one.name)
              .join(', ')}
          </li>
        ))}
      </ul>
    </form>
  );
}
