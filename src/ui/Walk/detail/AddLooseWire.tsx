'use client';

import { useState } from 'react';
import { add } from '@/core/fieldwork/recording/draft';
import { looseWires } from '@/core/fieldwork/recording/loose-wires';
import { thingWords } from '@/core/installation/panel/thing-words';
import { useBook } from '../../Book/context';
import { WireKeys } from './WireKeys';

/** A wire found on no screw: one touch, then how its end is. */
export function AddLooseWire() {
  const { state, panel, actions } = useBook();
  const [metal, setMetal] = useState<'cu' | 'al'>('cu');
  const loose = looseWires(panel);
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
              if (!refused) actions.select({ kind: 'thing', ref: made });
            });
        }}
      />
      <div className="flex flex-wrap gap-1.5 empty:hidden">
        {loose.map(({ id }) => (
          <button
            key={id}
            className="act"
            onClick={() => actions.select({ kind: 'thing', ref: id })}
          >
            {thingWords(id, state.assessment.site)}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
