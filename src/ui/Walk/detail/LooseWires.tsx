'use client';

import {
  landWire,
  loosenWire,
  looseWires,
  spliceWire,
} from '@/core/fieldwork/recording/loose-wires';
import { conductorWords } from '@/core/installation/panel/words';
import type { ConductorView } from '@/core/installation/panel/views';
import type { PropertyValue } from '@/core/record/entries/properties';
import { useBook } from '../../Book/context';
import { OneOf } from '../../primitives/OneOf';

/** Wires of the panel on no screw, each landed here with one touch. */
export function LooseWires({ screw, words }: { screw: string; words: string }) {
  const { state, panel, actions } = useBook();
  const { reader } = state.assessment.site;
  const loose = looseWires(panel);
  if (loose.length === 0) return null;
  const name = (conductor: ConductorView) => {
    const circuit = reader.value(conductor.id, 'circuit');
    const of = panel.circuits.find(({ id }) => id === circuit)?.name;
    const use = conductor.function?.value;
    return [conductor.colour?.value, conductorWords(conductor), use, of && `of ${of}`]
      .filter(Boolean)
      .join(' ');
  };
  return (
    <fieldset>
      <legend className="text-caption text-ink2">On no screw now. Landed {words}:</legend>
      <div className="mt-1 flex flex-wrap gap-2">
        {loose.map((conductor) => (
          <button
            key={conductor.id}
            className="act"
            onClick={() => void actions.work((bench) => landWire(conductor, screw, bench))}
          >
            {name(conductor)}
          </button>
        ))}
      </div>
    </fieldset>
  );
}

/** How the end of one conductor is: off its screw it is loose, capped or bare. */
export function WireEnd({ conductor }: { conductor: ConductorView }) {
  const { state, actions } = useBook();
  const end = state.assessment.site.reader.value(conductor.id, 'endState');
  const landed = conductor.landsOn?.value;
  const splice = () => void actions.work((bench) => spliceWire(conductor, bench));
  const value = landed ? 'landed' : end === 'landed' ? undefined : end;
  return (
    <div className="grid gap-2">
      <OneOf
        label="End of this wire"
        className="grid grid-cols-2 gap-2"
        choices={[
          ...(landed ? [{ value: 'landed' as const, words: 'On its screw' }] : []),
          { value: 'loose', words: 'Off, not looked at' },
          { value: 'capped', words: 'Off, capped' },
          { value: 'joined', words: 'Joined to another' },
          { value: 'bare', words: 'Off or cut, bare' },
          { value: 'bare-live', words: 'Off, bare and live' },
        ]}
        value={value}
        choose={(next: PropertyValue<'endState'>) =>
          next === 'landed'
            ? undefined
            : void actions.work((bench) => loosenWire(conductor, next, bench))
        }
      />
      {landed && (
        <button className="act" onClick={splice}>
          Joined here: a short wire goes on to the screw
        </button>
      )}
    </div>
  );
}
