import type { SiteView } from '../../installation/panel/site-view';
import type { PanelView } from '../../installation/panel/views';
import { outletRoundRef } from '../../record/entries/thing-types';
import type { Decoded, Looks, Seen } from './decode';
import { decode, hypothesesOf, singlesOf } from './decode';
import { chanceFrom, nextRound } from './next-round';
import type { Planned, Round } from './plan';
import { planRounds } from './plan';

/** An outlet with what was seen of it and what that says. */
export interface TracedOutlet {
  id: string;
  name: string;
  room: string | undefined;
  looks: Looks;
  decoded: Decoded;
  /** What was written down of it: circuits it was found to be fed from. */
  fedBy: readonly string[] | undefined;
}

export interface PanelTrace {
  planned: Planned;
  /** Rounds begun, as they were recorded. */
  rounds: (Round & { id: string })[];
  outlets: TracedOutlet[];
  /** Every round of the plan was walked. */
  walked: boolean;
  /** A further round that would part what is open. */
  next: Round | undefined;
}

/** Where tracing by code stands in a panel, from its recorded rounds. */
export function traceOfPanel({ reader }: SiteView, panel: PanelView): PanelTrace {
  const present = [...reader.inspection.things.values()].filter(
    (thing) => !reader.value(thing.id, 'removed'),
  );
  const circuits = panel.circuits.map(({ id }) => id);
  const staysOn = circuits.filter((id) => reader.value(id, 'staysOn') === 'stays-on');
  const way = reader.value(panel.id, 'traceWay') ?? 'code';
  const planned = planRounds(circuits, staysOn, way);
  const rounds = present
    .filter((thing) => thing.type === 'round' && thing.in === panel.id)
    .map(({ id }) => ({
      id,
      number: reader.value(id, 'roundNumber') ?? 0,
      off: reader.value(id, 'switchedOff') ?? [],
    }))
    .sort((a, b) => a.number - b.number);
  const naming = planned.ok && planned.plan.way === 'names';
  const hypotheses = naming ? singlesOf(circuits) : hypothesesOf(circuits);
  // One at a time or names only, no round is there to notice a wrong look by.
  const noticing = planned.ok && planned.plan.way === 'robust';
  const rooms = new Map(present.filter((one) => one.type === 'room').map((one) => [one.id, one]));
  const outlets = present
    .filter(
      (thing) =>
        thing.type === 'outlet' &&
        (thing.in === panel.building || rooms.get(thing.in ?? '')?.in === panel.building),
    )
    .map(({ id, in: holder }): TracedOutlet => {
      const looks = new Map(
        rounds.flatMap(({ number }): [number, Seen][] => {
          const seen = reader.value(outletRoundRef(id, number), 'inRound');
          return seen ? [[number, seen]] : [];
        }),
      );
      return {
        id,
        name: reader.value(id, 'name') ?? 'outlet',
        room: holder && rooms.has(holder) ? (reader.value(holder, 'name') ?? 'room') : undefined,
        looks,
        decoded:
          rounds.length === 0
            ? { answer: 'unclear', because: 'no round was walked' }
            : decode(circuits, rounds, looks, hypotheses, noticing),
        fedBy: reader.value(id, 'fedBy'),
      };
    });
  const walked =
    planned.ok &&
    rounds.length >= planned.plan.rounds.length &&
    outlets.every(({ looks }) => looks.size === rounds.length);
  const next = walked
    ? nextRound(
        circuits,
        staysOn,
        outlets.map(({ decoded }) => decoded),
        rounds.length + 1,
        chanceFrom(rounds.length + circuits.length),
      )
    : undefined;
  return { planned, rounds, outlets, walked, next };
}
