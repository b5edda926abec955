'use client';

import Link from 'next/link';
import { observe } from '@/core/fieldwork/recording/draft';
import { SupplyTree } from '@/core/installation/supply/tree';
import { thingWords } from '@/core/installation/panel/thing-words';
import { FactField } from '../facts/FactField';
import { FactSheet } from '../facts/FactSheet';
import { SureChoice } from '../facts/SureChoice';
import { useBook } from '../Book/context';
import { AddBelow } from './AddBelow';

const supplied = ['meter', 'disconnect', 'panel'];

/** The chosen thing: its name, what feeds it, all that is recorded of it, and what hangs on it. */
export function NodeDetail({ id, choose }: { id: string; choose(id: string): void }) {
  const { state, panel, inspection, actions } = useBook();
  const { site } = state.assessment;
  const thing = site.reader.inspection.things.get(id);
  if (!thing) return <p className="text-ink2">Choose a part of the supply on the drawing.</p>;
  return (
    <div className="grid gap-3">
      <h3 className="text-heading font-bold">{thingWords(id, site)}</h3>
      <SureChoice />
      <FactField about={id} property="name" certainty="told" />
      {supplied.includes(thing.type) && <FedFrom id={id} />}
      {thing.type === 'panel' && (
        <Link
          className="act"
          href={`/inspections/${inspection}/walk`}
          onClick={() => actions.choosePanel(id)}
        >
          {id === panel.id ? 'To its drawing' : 'Make it the panel of the walk'}
        </Link>
      )}
      <AddBelow id={id} type={thing.type} choose={choose} />
      <FactSheet about={id} without={['name', 'rows', 'numbering']} />
      {thing.type !== 'site' && thing.type !== 'building' && (
        <button
          className="act"
          onClick={() => void actions.record(() => [observe(site.reader, id, { removed: true })])}
        >
          Not there after all
        </button>
      )}
    </div>
  );
}

/** What a thing hangs on; never on itself or on what hangs on it. */
function FedFrom({ id }: { id: string }) {
  const { state, actions } = useBook();
  const { site, inspection } = state.assessment;
  const tree = new SupplyTree(site.reader);
  const standing = [...inspection.things.values()].filter(
    (thing) =>
      ['service', 'meter', 'disconnect', 'source'].includes(thing.type) &&
      thing.id !== id &&
      !site.reader.value(thing.id, 'removed') &&
      !tree.wayUp(thing.id).some((above) => above.thing.id === id),
  );
  const feeders = site.panels
    .filter(
      (other) => other.id !== id && !tree.wayUp(other.id).some((above) => above.thing.id === id),
    )
    .flatMap((other) => [...other.pullOuts, ...other.devices].map((device) => ({ other, device })));
  return (
    <label className="text-caption text-ink2 grid gap-0.5">
      Fed from
      <select
        className="field"
        value={site.reader.value(id, 'fedFrom') ?? ''}
        onChange={(event) => void actions.observe(id, { fedFrom: event.target.value })}
      >
        <option value="" disabled>
          not seen
        </option>
        {standing.map((thing) => (
          <option key={thing.id} value={thing.id}>
            {thingWords(thing.id, site)}
          </option>
        ))}
        {feeders.map(({ other, device }) => (
          <option key={device.id} value={device.id}>
            {other.name}, breaker {device.label}
          </option>
        ))}
      </select>
    </label>
  );
}
