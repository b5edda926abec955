import type { ConductorMetal, Size } from '../../vocabulary/size';
import type { WhatIf } from '../../vocabulary/what-if';

/** A figure nobody recorded, with what it was taken as and why; it can be set to another. */
export interface Assumption {
  id: string;
  words: string;
  value: number;
  unit: 'Ω' | 'm' | 'W' | 'Ω per 1000 ft';
  least: number;
  most: number;
  because: string;
  /** Thing it belongs to. */
  about: string;
  /** The value was recorded; it can be set for a what-if all the same. */
  recorded?: boolean;
}

/** Size and metal of a run, as recorded or as they were taken. */
export interface TakenSize {
  id: string;
  words: string;
  size: Size;
  metal: ConductorMetal;
  /** What of it nobody recorded. */
  assumed: 'nothing' | 'size' | 'metal' | 'size and metal';
}

/** A joint or way that can be made or undone, as it is now and why. */
export interface Switch {
  id: string;
  words: string;
  closed: boolean;
  by: 'recorded' | 'assumed' | 'what if';
  about: string;
}

/** Gathers what had to be assumed while a network is put together. */
export class Assuming {
  readonly assumptions = new Map<string, Assumption>();
  readonly switches = new Map<string, Switch>();
  readonly sizes = new Map<string, TakenSize>();

  constructor(readonly whatIf: WhatIf) {}

  /** The value set by hand, else the one assumed. */
  value({ value, ...rest }: Assumption): number {
    const set = this.whatIf.set?.[rest.id];
    const taken = set === undefined ? value : Math.min(rest.most, Math.max(rest.least, set));
    this.assumptions.set(rest.id, { ...rest, value: taken });
    return taken;
  }

  /** Whether a joint or way is there: as changed, else as recorded, else as assumed. */
  closed(
    id: string,
    words: string,
    about: string,
    recorded: boolean | undefined,
    assumed: boolean,
  ): boolean {
    const changed = this.whatIf.closed?.[id];
    const closed = changed ?? recorded ?? assumed;
    const by = changed !== undefined ? 'what if' : recorded !== undefined ? 'recorded' : 'assumed';
    this.switches.set(id, { id, words, closed, by, about });
    return closed;
  }
}
