import type { PropertyName } from '../../record/entries/properties';
import type { Outcome } from './outcome';
import type { Place } from './place';
import type { Scene } from './scene';

/** A fact nobody recorded of any place, asked for at each. */
export interface Unread {
  property: PropertyName;
  say: string;
  /** What is to be looked at for it, where it is not the place itself. */
  subject?: (place: Place, panel: string) => string;
}

/** Says of a check what it answers where none of these facts was ever recorded of anything. */
export interface Quiet extends Unread {
  unless: readonly PropertyName[];
}

/** A check that knows what it answers where its facts were never recorded. */
export type Check<P extends Place> = ((place: P, scene: Scene) => Outcome) & { quiet?: Quiet };
