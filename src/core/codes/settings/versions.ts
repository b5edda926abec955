import * as v from 'valibot';
import { shippedCostBook } from '../cost-book/shipped';
import { settingsSchema } from './settings';

interface FamilyV1 {
  id: string;
  name: string;
  construction: string;
  history: string;
  severity: number;
  likelihood: number;
  nameplates: unknown;
}

/** Version 1 knew one school, no amendments, and families without traits. */
function fromVersion1({ families, ...rest }: { families: FamilyV1[] }) {
  return {
    ...rest,
    version: 2,
    amendments: [],
    adoptionYears: null,
    familiesVersion: 1,
    house: { mostTandems: null },
    wording: {},
    families: families.map((family) => ({
      ...family,
      hazard: true,
      years: null,
      expectedLifeYears: null,
      prior: 0.1,
      traits: {},
    })),
  };
}

/** Version 2 knew no costs. */
const fromVersion2 = (raw: object) =>
  fromVersion3({ ...raw, version: 3, costBook: shippedCostBook });

/** Version 3 dated by world time. */
const fromVersion3 = (raw: object) => fromVersion4({ ...raw, version: 4, timeZone: 'UTC' });

/** Version 4 knew no recalls. */
const fromVersion4 = (raw: object) => ({ ...raw, version: 5, recalls: [] });

/** Lifts settings of any published version to the current one. */
function upcast(raw: unknown): unknown {
  const known = raw as { version?: unknown; families?: unknown } | null;
  if (known?.version === 1 && Array.isArray(known.families))
    return fromVersion2(fromVersion1(known as { families: FamilyV1[] }));
  if (known?.version === 2) return fromVersion2(known);
  if (known?.version === 3) return fromVersion3(known);
  return known?.version === 4 ? fromVersion4(known) : raw;
}

/** Settings of any published version. */
export const anySettingsSchema = v.pipe(v.unknown(), v.transform(upcast), settingsSchema);
