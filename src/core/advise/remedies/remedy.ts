import type { PartId } from '../../codes/cost-book/part-id';
import type { Facts } from '../../record/entries/properties';
import type { RemedyName } from './remedy-name';
import type { PanelSituation, Situation } from './situation';
import type { Work } from './work';

/** Who does it. */
export type Doer = 'owner' | 'electrician' | 'utility' | 'authority';
/** What must be off for it. */
export type Off = 'nothing' | 'circuit' | 'panel' | 'service';
/** Low, likely and high, in minutes. */
export type Minutes = readonly [low: number, likely: number, high: number];

/** What must hold for a way to be possible here. A fact nobody recorded is neither met nor unmet. */
export type Condition =
  | { state: 'met'; says: string }
  | { state: 'not-met'; says: string }
  | { state: 'not-known'; says: string; look: string };

/** Room in a panel, by kind: how many are used, freed or there. */
export type RoomKind =
  'positions' | 'neutralTerminals' | 'groundTerminals' | 'labelCircuits' | 'amps';
export type Room = Partial<Record<RoomKind, number>>;

/** Somebody told before the work, and what he gives in return. */
export interface Told {
  whom: 'utility' | 'permit' | 'owner';
  why: string;
  /** Days it takes. */
  days: number;
}

/** One way to do a remedy at one place. */
export interface Way {
  /** Tells ways of one remedy at one place apart; empty where there is one. */
  key: string;
  /** What is done, of this panel: "Breaker 5: 20 A out, 15 A in". */
  says: string;
  conditions: readonly Condition[];
  uses?: Room;
  frees?: Room;
  parts?: Partial<Record<PartId, number>>;
  minutes?: Minutes;
  /** Records the state after it. A refusal says why it cannot be done as things then stand. */
  apply(work: Work): string | void;
}

/** A way to mend something, as data: one source for the words of report, rule page and plan. */
export interface Remedy extends RemedyName {
  who: Doer;
  off: Off;
  parts: Partial<Record<PartId, number>>;
  minutes: Minutes;
  /** What can go wrong on the way. */
  wrong: readonly string[];
  tell: readonly Told[];
  /** Which permission of the existing ends once it is touched. */
  ends: readonly string[];
  /** Readings and torque to record after it. */
  record: readonly string[];
  /** The ways it can be done here; none: not here. */
  ways?: (here: Situation) => readonly Way[];
  /** The ways it is done to a whole panel, whatever findings it mends there. */
  global?: (at: PanelSituation) => readonly Way[];
  /** Why nothing is recorded that would mend anything: it is a look, a question or advice. */
  advice?: string;
}

type Given = Pick<Remedy, 'id' | 'words'> & Partial<Omit<Remedy, 'id' | 'words'>>;

/** A remedy, what is ordinary filled in. */
export const defineRemedy = (given: Given): Remedy => ({
  who: 'electrician',
  off: 'panel',
  parts: {},
  minutes: [10, 20, 40],
  wrong: [],
  tell: [],
  ends: [],
  record: [],
  ...given,
});

/** One way that records these facts of the place, or of something else. */
export const leaves =
  (
    facts: Facts | ((here: Situation) => Facts),
    {
      at,
      when = () => [],
    }: {
      at?: (here: Situation) => string | undefined;
      when?: (here: Situation) => readonly Condition[];
    } = {},
  ): Remedy['ways'] =>
  (here) => {
    const about = at ? at(here) : here.ref;
    if (about === undefined) return [];
    return [
      {
        key: '',
        says: here.remedy.words,
        conditions: when(here),
        apply: (work) => work.say(about, typeof facts === 'function' ? facts(here) : facts),
      },
    ];
  };
