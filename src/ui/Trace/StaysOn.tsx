'use client';

import { breakerOf } from '@/core/model/tracing/words';
import { useBook } from '../Book/context';

/** Circuits that must stay on: a freezer, a medical device, somebody frail. */
export function StaysOn() {
  const { state, panel, actions } = useBook();
  const { reader, site } = state.assessment.site;
  const told = site && reader.value(site, 'mustStayOn');
  return (
    <fieldset className="content-start">
      <legend className="text-heading font-bold">What must stay on</legend>
      <p className="text-ink2">
        {told ? `Told at set-out: ${told}` : 'Nothing was told at set-out.'}
      </p>
      <ul className="mt-1 md:columns-2">
        {panel.circuits.map(({ id, name }) => (
          <li key={id}>
            <label className="flex min-h-8 cursor-pointer items-center gap-2 max-lg:min-h-12">
              <input
                type="checkbox"
                className="accent-accent size-4 max-lg:size-6"
                checked={reader.value(id, 'staysOn') === 'stays-on'}
                onChange={(event) =>
                  void actions.observe(id, {
                    staysOn: event.target.checked ? 'stays-on' : 'may-go-off',
                  })
                }
              />
              <strong>{breakerOf(panel, id)}</strong>
              <span className="truncate">{name}</span>
            </label>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}
