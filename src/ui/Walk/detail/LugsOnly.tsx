'use client';

import { add, observe } from '@/core/fieldwork/recording/draft';
import { useBook } from '../../Book/context';
import { OneOf } from '../../primitives/OneOf';

const ratings = [60, 100, 125, 150, 200, 225, 400] as const;

/** A panel with lugs only is shut off elsewhere: what does it, and how large it is. */
export function LugsOnly() {
  const { state, panel, actions } = useBook();
  const { site } = state.assessment;
  const { reader } = site;
  const things = [...reader.inspection.things.values()].filter(
    ({ id }) => !reader.value(id, 'removed'),
  );
  const service = things.find(({ type }) => type === 'service');
  const disconnects = things.filter(({ type }) => type === 'disconnect');
  const feeders = site.panels
    .filter((other) => other.id !== panel.id)
    .flatMap((other) =>
      other.devices
        .filter(({ height }) => height > 1)
        .map((device) => ({
          id: device.id,
          words: `${other.name}, breaker ${device.label}`,
        })),
    );
  const fed = reader.value(panel.id, 'fedFrom');
  const disconnect = disconnects.find(({ id }) => id === fed);
  const addDisconnect = (where: 'outdoors' | 'indoors') =>
    void actions.record((newId) => {
      const id = newId();
      return [
        add('disconnect', id, panel.building, {
          name: where === 'outdoors' ? 'Disconnect outside' : 'Disconnect inside',
          metersLocation: where,
          ...(service && { fedFrom: service.id }),
        }),
        observe(reader, panel.id, { fedFrom: id }),
      ];
    });
  return (
    <div className="border-accent grid gap-2 border-l-4 pl-3">
      <p className="font-semibold">What shuts it off?</p>
      <div className="grid grid-cols-2 gap-1.5">
        {disconnects.map(({ id }) => (
          <button
            key={id}
            className="act"
            aria-pressed={id === fed}
            onClick={() => void actions.observe(panel.id, { fedFrom: id })}
          >
            {reader.value(id, 'name') ?? 'Disconnect'}
          </button>
        ))}
        {feeders.map(({ id, words }) => (
          <button
            key={id}
            className="act"
            aria-pressed={id === fed}
            onClick={() => void actions.observe(panel.id, { fedFrom: id })}
          >
            {words}
          </button>
        ))}
        {!disconnect && (
          <>
            <button className="act" onClick={() => addDisconnect('outdoors')}>
              A disconnect outside
            </button>
            <button className="act" onClick={() => addDisconnect('indoors')}>
              Another box inside
            </button>
          </>
        )}
      </div>
      {disconnect && (
        <OneOf
          label="Rating of the disconnect, A"
          className="grid grid-cols-4 gap-1.5"
          each="act px-1!"
          choices={ratings.map((one) => ({ value: String(one), words: `${one} A` }))}
          value={String(reader.value(disconnect.id, 'disconnectRatingA') ?? '')}
          choose={(one) => void actions.observe(disconnect.id, { disconnectRatingA: Number(one) })}
        />
      )}
      {fed === undefined && (
        <p className="text-ink2">Not found yet: treat it as live; nothing here is shut off.</p>
      )}
    </div>
  );
}
