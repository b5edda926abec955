import type { Phasor } from './phasor';

/** What a branch is made of. */
export type BranchKind =
  | 'winding'
  | 'hot'
  | 'neutral'
  | 'ground'
  | 'raceway'
  | 'pipe'
  | 'bond'
  | 'electrode'
  | 'load'
  | 'body'
  | 'fault';

/** A way for current between two joints. */
export interface Branch {
  id: string;
  from: string;
  to: string;
  /** Ω, 0 or more. */
  ohm: number;
  /** Source in series, V: raises `to` above `from`. */
  emf?: Phasor;
  kind: BranchKind;
  /** As it is called: "feeder neutral of the boat shed". */
  words: string;
}

/** Branches between named joints. Resistances alone: reactance is left out. */
export interface Network {
  branches: readonly Branch[];
}

/** Metal that people touch, by kind: what carries current there is named. */
export const touchable: ReadonlySet<BranchKind> = new Set([
  'ground',
  'raceway',
  'pipe',
  'electrode',
]);

/** Joints of a network, in the order they are first named. */
export const jointsOf = ({ branches }: Network): string[] => [
  ...new Set(branches.flatMap(({ from, to }) => [from, to])),
];

export const without = ({ branches }: Network, ...ids: string[]): Network => ({
  branches: branches.filter(({ id }) => !ids.includes(id)),
});
export const withBranches = ({ branches }: Network, ...more: Branch[]): Network => ({
  branches: [...branches, ...more],
});
