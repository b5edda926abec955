'use client';

import { useState } from 'react';
import type { Facts } from '@/core/record/entries/properties';
import type { ThingType } from '@/core/record/entries/thing-types';
import { add } from '@/core/fieldwork/recording/draft';
import { thingWords } from '@/core/installation/panel/thing-words';
import { useBook } from '../Book/context';
import { BuildingChoice } from './BuildingChoice';

const kinds: readonly { type: ThingType; words: string; facts?: Facts }[] = [
  { type: 'electrode', words: 'rod', facts: { electrodeKind: 'rod' } },
  { type: 'electrode', words: 'other electrode' },
  { type: 'pipe', words: 'pipe' },
  { type: 'pipe', words: 'water pipe', facts: { pipeKind: 'water' } },
  { type: 'pipe', words: 'gas pipe', facts: { pipeKind: 'gas' } },
  { type: 'source', words: 'second supply' },
  { type: 'outlet', words: 'receptacle', facts: { outletKind: 'receptacle' } },
  { type: 'outlet', words: 'box', facts: { outletKind: 'box' } },
  { type: 'outlet', words: 'wiring', facts: { outletKind: 'wiring' } },
  { type: 'outlet', words: 'appliance', facts: { outletKind: 'appliance' } },
  { type: 'work', words: 'works known' },
  { type: 'dwelling', words: 'dwelling' },
  { type: 'building', words: 'another building', facts: { name: 'Another building' } },
  { type: 'pipe', words: 'drain', facts: { pipeKind: 'drain' } },
];

/** What belongs to the supply without feeding a panel: electrodes, pipes, second supplies, things near by. */
export function AroundList({ chosen, choose }: { chosen: string; choose(id: string): void }) {
  const { state, panel, actions } = useBook();
  const { site, inspection } = state.assessment;
  const types = new Set(kinds.map((kind) => kind.type));
  const things = [...inspection.things.values()].filter(
    (thing) => types.has(thing.type) && !site.reader.value(thing.id, 'removed'),
  );
  const [building, setBuilding] = useState(panel.building);
  const record = async (type: ThingType, facts: Facts = {}) => {
    let made = '';
    const refused = await actions.record((newId) => {
      made = newId();
      return [add(type, made, type === 'building' ? site.site! : building, facts)];
    });
    if (!refused) choose(made);
  };
  return (
    <section className="border-ink mt-6 border-t-2 pt-2" aria-labelledby="around">
      <h3 id="around" className="font-bold">
        Electrodes, pipes and things near by
      </h3>
      {things.length === 0 && <p className="text-ink2">None is recorded yet.</p>}
      <ul className="mt-1 flex flex-wrap gap-2">
        {things.map((thing) => (
          <li key={thing.id}>
            <button
              className="act"
              aria-pressed={thing.id === chosen}
              onClick={() => choose(thing.id)}
            >
              {thingWords(thing.id, site)}
            </button>
          </li>
        ))}
      </ul>
      <BuildingChoice chosen={building} choose={setBuilding} />
      <div className="mt-3 flex flex-wrap gap-2" role="group" aria-label="Record another">
        {kinds.map(({ type, words, facts }) => (
          <button key={words} className="act" onClick={() => void record(type, facts)}>
            + {words}
          </button>
        ))}
      </div>
    </section>
  );
}
