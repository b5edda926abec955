import type { Entry, Json, UndoEntry } from '../../record/entries/entry';
import type { Fact } from '../../record/entries/inspection';
import type { CircuitView, DeviceView, PanelView } from '../../installation/panel/views';

/** Who said one side of it: the facts that say so, in the order of their entries. */
interface Said {
  facts: readonly Fact[];
}

export interface ValueSide extends Said {
  value: Json;
  /** The mend it was recorded after, where every entry that says so is of one. */
  mend?: string;
}

/** One property, said differently. */
export interface ValuesContradiction {
  kind: 'values';
  key: string;
  about: string;
  property: string;
  sides: readonly ValueSide[];
}

/** A thing one took away while another recorded something of it. */
export interface PresenceContradiction {
  kind: 'presence';
  key: string;
  about: string;
  property: 'removed' | 'takenOut';
  /** That it is away, then that it is there. */
  sides: readonly [away: ValueSide, there: ValueSide];
}

/** Two breakers on one position. */
export interface PositionContradiction {
  kind: 'position';
  key: string;
  about: string;
  number: number;
  panel: PanelView;
  sides: readonly (Said & { device: DeviceView })[];
}

/** Two circuits on one screw. */
export interface CircuitContradiction {
  kind: 'circuit';
  key: string;
  about: string;
  label: string;
  sides: readonly (Said & { circuit: CircuitView })[];
}

/** Something was recorded of a thing whose own recording was taken back. */
export interface TakenBackContradiction {
  kind: 'taken-back';
  key: string;
  about: string;
  /** What took the thing back: several hands may have. */
  undone: readonly UndoEntry[];
  /** What was recorded of it, and stands nowhere. */
  writings: readonly Entry[];
}

/** What two hands recorded against each other: nothing of it is lost, and each is settled by an entry. */
export type Contradiction =
  | ValuesContradiction
  | PresenceContradiction
  | PositionContradiction
  | CircuitContradiction
  | TakenBackContradiction;
