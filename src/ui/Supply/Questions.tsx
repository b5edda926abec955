'use client';

import { useState } from 'react';
import { ampsWords, voltsWords } from '@/core/model/simulation/figures';
import { jointWords, metalThings } from '@/core/model/simulation/joint-words';
import { bodyOhm, faultA, lifted, voltsApart } from '@/core/model/simulation/questions';
import type { SiteNetwork, Solution } from '@/core';
import { joint } from '@/core/model/simulation/supply-branches';
import { tripBand } from '@/core/model/simulation/trip-band';
import type { PanelView } from '@/core/installation/panel/views';
import { useBook } from '../Book/context';

interface QuestionsProps {
  made: SiteNetwork;
  solution: Solution;
  panel: PanelView;
}

/** Voltage between two metal things, a wire lifted under load, a hot wire on the enclosure. */
export function Questions({ made, solution, panel }: QuestionsProps) {
  return (
    <div className="mt-4 grid gap-4">
      <Between made={made} solution={solution} />
      <Lift made={made} />
      <Fault made={made} panel={panel} />
    </div>
  );
}

function Between({ made, solution }: { made: SiteNetwork; solution: Solution }) {
  const things = metalThings(made);
  const [one, setOne] = useState(things[0]?.joint ?? '');
  const [other, setOther] = useState(things.at(-1)?.joint ?? '');
  const volts = voltsApart(solution, one, other);
  const choose = (value: string, set: (joint: string) => void, label: string) => (
    <select
      className="field"
      aria-label={label}
      value={value}
      onChange={(event) => set(event.target.value)}
    >
      {things.map(({ joint: name, words }) => (
        <option key={name} value={name}>
          {words}
        </option>
      ))}
    </select>
  );
  return (
    <section aria-label="Voltage between two metal things">
      <h4 className="font-semibold">Between two metal things</h4>
      <div className="mt-1 grid gap-1">
        {choose(one, setOne, 'One thing')}
        {choose(other, setOther, 'Other thing')}
      </div>
      <p className="mt-1">
        {volts === undefined ? (
          'Nothing joins them: no figure is true.'
        ) : (
          <strong>{voltsWords(volts)}</strong>
        )}
      </p>
    </section>
  );
}

function Lift({ made }: { made: SiteNetwork }) {
  const wires = made.network.branches.filter(
    ({ kind }) => kind !== 'load' && kind !== 'winding' && kind !== 'electrode',
  );
  const [id, setId] = useState('');
  const [ohm, setOhm] = useState(bodyOhm);
  const answer = id ? lifted(made.network, id, ohm) : undefined;
  return (
    <section aria-label="A wire lifted under load">
      <h4 className="font-semibold">If this wire came off under load</h4>
      <select
        className="field mt-1"
        aria-label="Wire"
        value={id}
        onChange={(event) => setId(event.target.value)}
      >
        <option value="">choose a wire</option>
        {wires.map((one) => (
          <option key={one.id} value={one.id}>
            {one.words}
          </option>
        ))}
      </select>
      <label className="text-caption text-ink2 mt-1 grid gap-0.5">
        Body from hand to hand, Ω
        <input
          className="field"
          type="number"
          step="any"
          min={100}
          max={100000}
          value={ohm}
          onChange={(event) => setOhm(Math.max(1, Number(event.target.value) || bodyOhm))}
        />
      </label>
      {answer && (
        <p className="mt-1" role="status">
          {!answer.ok
            ? answer.reason
            : answer.gapV === undefined
              ? `No figure across the gap: one side has no path back. ${looseWords(answer.loose, made)}`
              : `${voltsWords(answer.gapV)} across the gap, ${(answer.bodyA * 1000).toFixed(answer.bodyA < 0.01 ? 1 : 0)} mA through a body of ${ohm} Ω. ${looseWords(answer.loose, made)}`}
        </p>
      )}
    </section>
  );
}

const looseWords = (loose: readonly string[], made: SiteNetwork) =>
  loose.length === 0
    ? 'Nothing else comes loose.'
    : `Comes loose with it: ${loose.map((one) => jointWords(one, made)).join(', ')}.`;

function Fault({ made, panel }: { made: SiteNetwork; panel: PanelView }) {
  const { yardstick } = useBook().state.assessment;
  const ratings = [
    ...new Set(
      panel.devices.flatMap(({ terminals }) => terminals.flatMap(({ handleA }) => handleA ?? [])),
    ),
  ].sort((a, b) => a - b);
  const amps = faultA(made.network, joint(panel.id, 'A'), joint(panel.id, 'G'));
  return (
    <section aria-label="A hot wire on the enclosure">
      <h4 className="font-semibold">A hot wire on the enclosure of {panel.name}</h4>
      {amps === undefined ? (
        <p>No answer for this network.</p>
      ) : (
        <>
          <p className="mt-1">
            <strong>{ampsWords(amps)}</strong>, at most: reactance is left out.
          </p>
          <ul>
            {ratings.map((rating) => (
              <li key={rating}>{tripBand(rating, amps, yardstick).words}</li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
