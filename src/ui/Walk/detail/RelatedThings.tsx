'use client';

import { add } from '@/core/fieldwork/recording/draft';
import { thingWords } from '@/core/installation/panel/thing-words';
import { useBook } from '../../Book/context';
import { CircuitScrews } from './CircuitScrews';

/** What belongs to a thing and is recorded apart: a conductor's cable, a circuit's load, a box's knockouts. */
export function RelatedThings({ about }: { about: string }) {
  const { state, panel, actions } = useBook();
  const { site, inspection } = state.assessment;
  const thing = inspection.things.get(about);
  if (!thing) return null;
  const go = (ref: string) => actions.select({ kind: 'thing', ref });
  const inside = [...inspection.things.values()].filter(
    (one) => one.in === about && !site.reader.value(one.id, 'removed'),
  );
  const make = async (type: 'load' | 'knockout') => {
    let made = '';
    const refused = await actions.record((newId) => {
      made = newId();
      return [add(type, made, about, {})];
    });
    if (!refused) go(made);
  };
  const cable = panel.conductors.find((one) => one.id === about)?.cable;
  const listed = inside.filter(({ type }) => type === 'load' || type === 'knockout');
  return (
    <div className="flex flex-wrap gap-2 empty:hidden" role="group" aria-label="What belongs to it">
      {cable && (
        <button className="act" onClick={() => go(cable.id)}>
          Its cable: everything
        </button>
      )}
      {listed.map((one) => (
        <button key={one.id} className="act" onClick={() => go(one.id)}>
          {thingWords(one.id, site)}
        </button>
      ))}
      {thing.type === 'circuit' && (
        <button className="act" onClick={() => void make('load')}>
          + load
        </button>
      )}
      {thing.type === 'circuit' && <CircuitScrews circuit={about} />}
      {panel.multiwires
        .filter(({ hots }) => hots.some(({ circuit }) => circuit?.id === about))
        .map(({ id }) => (
          <button key={id} className="act" onClick={() => go(id)}>
            Its shared neutral: everything
          </button>
        ))}
      {thing.type === 'panel' && (
        <button className="act" onClick={() => void make('knockout')}>
          + knockout
        </button>
      )}
    </div>
  );
}
