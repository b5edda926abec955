import type { PropertyValue } from '../../record/entries/properties';
import type { Act } from '../../record/entries/properties/spec';
import type { SiteView } from '../../installation/panel/site-view';

/** What a visit was agreed to do. */
export type ScopeName = PropertyValue<'scope'>;

interface ScopeSpec {
  /** In a sentence after "Agreed:". */
  says: string;
  acts: readonly Act[];
  /** Last stage it comes to, where it does not come to the panel. */
  lastStage?: number;
}

/** Ready-made scopes, each wider than the one before; none drops an act of a narrower one. */
export const scopes: Readonly<Record<ScopeName, ScopeSpec>> = {
  outside: {
    says: 'looking from outside the building only',
    acts: ['look', 'ask'],
    lastStage: 3,
  },
  looks: { says: 'looking, nothing opened or touched', acts: ['look', 'ask'] },
  opens: {
    says: 'looking, and opening doors and covers',
    acts: ['look', 'ask', 'open'],
  },
  tests: {
    says: 'looking, opening doors and covers, and measuring',
    acts: ['look', 'ask', 'open', 'test'],
  },
  full: {
    says: 'everything: looking, opening, touching, measuring and tracing',
    acts: ['look', 'ask', 'open', 'test', 'touch', 'trace'],
  },
};

/** What a visit was agreed to do; where nothing was recorded, everything. */
export interface Scope {
  name: ScopeName;
  /** Somebody recorded it. */
  recorded: boolean;
}

export function scopeOf({ site, reader }: Pick<SiteView, 'site' | 'reader'>): Scope {
  const name = site === undefined ? undefined : reader.value(site, 'scope');
  return { name: name ?? 'full', recorded: name !== undefined };
}

/** Whether an act at a stage is one of those agreed. */
export const isAgreed = ({ name }: Pick<Scope, 'name'>, act: Act, stage: number): boolean =>
  scopes[name].acts.includes(act) && stage <= (scopes[name].lastStage ?? Infinity);
