'use client';

import { useState } from 'react';
import type { ReactNode } from 'react';
import { properties } from '@/core/record/entries/properties';
import type { PropertyValue } from '@/core/record/entries/properties';
import { lineOfDevice } from '@/core/fieldwork/recording/line-of-device';
import { takeOutWire } from '@/core/fieldwork/recording/loose-wires';
import { conductorWords } from '@/core/installation/panel/words';
import { countedScrew } from '@/core/installation/panel/completeness';
import type { ConductorView, TerminalView } from '@/core/installation/panel/views';
import { systems } from '@/core/vocabulary/system';
import type { Size } from '@/core/vocabulary/size';
import { useBook } from '../../Book/context';
import { LooseWires } from './LooseWires';
import { WireKeys } from './WireKeys';
import { OneOf } from '../../primitives/OneOf';

const twoLegs: PropertyValue<'colour'>[] = ['black', 'red', 'white'];
const threeLegs: PropertyValue<'colour'>[] = ['black', 'red', 'blue', 'white'];

/** One screw: what is under it, and one tap for another wire. */
export function TerminalDetail({ terminal }: { terminal: TerminalView }) {
  const { state, panel, actions } = useBook();
  const { reader } = state.assessment.site;
  const [metal, setMetal] = useState<'cu' | 'al'>('cu');
  const several = terminal.device.terminals.length > 1;
  const all = countedScrew(reader, terminal);

  const addWire = (size: Size) => {
    const line = lineOfDevice(panel, terminal.device, reader);
    line.wires![terminal.index - 1]!.push({ size, metal });
    void actions.recordLine(line);
  };
  return (
    <fieldset className="border-hair border-t pt-2">
      <legend className="sr-only">Screw {terminal.label}</legend>
      <p className="flex items-baseline justify-between gap-2">
        <strong>{several ? `Screw ${terminal.label}` : 'Under the screw'}</strong>
        <span className={`text-caption text-ink2 ${all ? 'sure-seen' : 'sure-told'}`}>
          {all ? `${all.value} in all` : `${terminal.conductors.length} recorded, maybe more`}
        </span>
      </p>
      <ul>
        {terminal.conductors.map((conductor) => (
          <WireRow key={conductor.id} conductor={conductor} />
        ))}
      </ul>
      <div className="mt-1.5">
        <WireKeys
          to={`to screw ${terminal.label}`}
          metal={metal}
          setMetal={setMetal}
          add={addWire}
        />
      </div>
      <LooseWires screw={terminal.ref} words={several ? `at ${terminal.label}` : 'here'} />
      {!all && (
        <button
          className="act mt-1.5 w-full"
          onClick={() =>
            void actions.observe(terminal.ref, { conductorCount: terminal.conductors.length })
          }
        >
          That is all: {terminal.conductors.length}
        </button>
      )}
    </fieldset>
  );
}

/** A drop of each colour: the same one always. */
const swatches = Object.fromEntries(
  Object.keys(properties.colour.choices).map((one) => [
    one,
    <svg key={one} width="12" height="12" aria-hidden="true">
      <circle
        cx="6"
        cy="6"
        r="5"
        fill={`var(--d-wire-${one})`}
        stroke={`var(--d-wire-${one}-edge)`}
      />
    </svg>,
  ]),
) as Record<PropertyValue<'colour'>, ReactNode>;

/** A wire under the screw: its colour, and what else is done to it. */
function WireRow({ conductor }: { conductor: ConductorView }) {
  const { state, panel, actions } = useBook();
  const { reader } = state.assessment.site;
  const colour = conductor.colour?.value;
  const usual = systems[panel.system].legs.length === 3 ? threeLegs : twoLegs;
  const colours = colour && !usual.includes(colour) ? [...usual, colour] : usual;
  const remarked = reader.value(conductor.id, 'remarked');
  const takeOff = () => void actions.work((bench) => takeOutWire(conductor, true, bench));
  return (
    <li className="mt-1 flex flex-wrap items-center gap-1.5">
      <span className="min-w-20">{conductorWords(conductor)}</span>
      <OneOf
        label={`Colour of ${conductorWords(conductor)}`}
        className="flex flex-wrap gap-1.5"
        each="act swatch px-2!"
        choices={colours.map((one) => ({
          value: one,
          name: `${conductorWords(conductor)} is ${one}`,
          words: swatches[one],
        }))}
        value={colour}
        choose={(one) => void actions.observe(conductor.id, { colour: one })}
      />
      {colour === 'white' && (
        <button
          className="act"
          aria-pressed={remarked === true}
          onClick={() => void actions.observe(conductor.id, { remarked: remarked !== true })}
        >
          {remarked === undefined ? 'Re-marked?' : remarked ? 'Re-marked' : 'Not re-marked'}
        </button>
      )}
      <button
        className="act px-2!"
        onClick={() => actions.select({ kind: 'thing', ref: conductor.id })}
        aria-label={`${conductorWords(conductor)}: everything of it`}
      >
        …
      </button>
      <button
        className="act px-2!"
        onClick={takeOff}
        aria-label={`Take ${conductorWords(conductor)} off`}
      >
        −
      </button>
    </li>
  );
}
