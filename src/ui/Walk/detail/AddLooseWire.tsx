'use client';

import { useState } from 'react';
import { add } from '@/core/fieldwork/recording/draft';
import { looseWires } from '@/core/fieldwork/recording/loose-wires';
import { thingWords } from '@/core/installation/panel/thing-words';
import { useBook } from '../../Book/context';
import { WireKeys } from './WireKeys';

/** A wire found on no screw: one touch, then how its end is. */
export function AddLooseWire() {
  const { panel, actions } = useBook();
  const [metal, setMetal] = useState<'cu' | 'al'>('cu');
  return (
    <fieldset className="grid gap-1.5">
      <legend className="text-caption text-ink2">A wire on no screw: loose, cut or capped</legend>
      <WireKeys
        to="on no screw"
        metal={metal}
        setMetal={setMetal}
        add={(size) => {
          let made = '';
          void actions
            .record((newId) => {
              made = newId();
              const facts = { size, metal, landsOn: null, endState: 'loose' as const };
              return [add('conductor', made, panel.id, facts)];
            })
            .then((refused) => {
              if (!refused) actions.step({ kind: 'thing', ref: made });
            });
        }}
      />
      <LooseList />
    </fieldset>
  );
}

/** Wires of this panel that lie on no screw: each is followed, capped or landed from here. */
export function LooseList() {
  const { state, panel, actions } = useBook();
  const loose = looseWires(panel);
  if (loose.length === 0) return null;
  return (
    <div className="flex flex-wrap items-center gap-1.5">
      <span className="text-caption text-ink2">On no screw: {loose.length}</span>
      {loose.map(({ id, colour }) => (
        <button key={id} className="act" onClick={() => actions.select({ kind: 'thing', ref: id })}>
          {[colour?.value, thingWords(id, state.assessment.site)].filter(Boolean).join(' ')}
        </button>
      ))}
    </div>
  );
}
