'use client';

import { useBook } from '../../Book/context';

/** What feeds this panel; whether it holds the first disconnect follows. */
export function SupplyField() {
  const { state, panel, actions } = useBook();
  const { site, inspection } = state.assessment;
  const services = [...inspection.things.values()].filter((thing) => thing.type === 'service');
  const feeders = site.panels
    .filter((other) => other.id !== panel.id)
    .flatMap((other) =>
      other.devices.map((device) => ({
        id: device.id,
        words: `${other.name}, breaker ${device.label}`,
      })),
    );
  const place = {
    'first-disconnect': 'This panel holds the first disconnect.',
    downstream: 'This panel is downstream of the first disconnect.',
    unknown: panel.supply.unsureOf
      ? 'Whether the disconnect ahead of it is service equipment is not recorded.'
      : 'Whether this is the first disconnect is not known.',
  }[panel.supply.place];
  return (
    <div className="text-caption text-ink2 grid gap-0.5">
      <label className="text-caption text-ink2 grid gap-0.5">
        Fed from
        <select
          className="field"
          value={site.reader.value(panel.id, 'fedFrom') ?? ''}
          onChange={(event) => void actions.observe(panel.id, { fedFrom: event.target.value })}
        >
          <option value="" disabled>
            not seen
          </option>
          {services.map((service) => (
            <option key={service.id} value={service.id}>
              the service itself
            </option>
          ))}
          {feeders.map((feeder) => (
            <option key={feeder.id} value={feeder.id}>
              {feeder.words}
            </option>
          ))}
        </select>
      </label>
      <p>{place}</p>
    </div>
  );
}
