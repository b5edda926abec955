import * as v from 'valibot';
import { faultsOf } from '../../vocabulary/fault';
import type { Fault, Parsed } from '../../vocabulary/fault';
import type { Family } from './family';
import { familySchema, traitNames } from './family';
import type { Recall } from './recall';
import { recallSchema } from './recall';

/** Columns of the registry in a spreadsheet, in this order. */
export const familyColumns = [
  'id',
  'name',
  'construction',
  'history',
  'hazard',
  'severity',
  'likelihood',
  'from',
  'to',
  'expected life years',
  'prior',
  ...traitNames,
  'nameplates',
] as const;
export type FamilyColumn = (typeof familyColumns)[number];
export type FamilyRow = Record<FamilyColumn, string>;

/** A family as a row of words: `copper 0.25; tinned 0.15`, `Dunvarick: FS-12, FS-20 | …`. */
export function familyRow(family: Family): FamilyRow {
  const table = Object.fromEntries(
    traitNames.map((trait) => [
      trait,
      Object.entries(family.traits[trait] ?? {})
        .map(([value, probability]) => `${value} ${probability}`)
        .join('; '),
    ]),
  );
  return {
    id: family.id,
    name: family.name,
    construction: family.construction,
    history: family.history,
    hazard: family.hazard ? 'yes' : 'no',
    severity: String(family.severity),
    likelihood: String(family.likelihood),
    from: family.years ? String(family.years.from) : '',
    to: family.years ? String(family.years.to) : '',
    'expected life years':
      family.expectedLifeYears === null ? '' : String(family.expectedLifeYears),
    prior: String(family.prior),
    ...table,
    nameplates: family.nameplates
      .map(({ maker, models }) => `${maker}: ${models.join(', ')}`)
      .join(' | '),
  } as FamilyRow;
}

const split = (text: string, by: string) =>
  text
    .split(by)
    .map((part) => part.trim())
    .filter(Boolean);

function familyOf(row: Partial<Record<string, string>>): unknown {
  const cell = (name: FamilyColumn) => (row[name] ?? '').trim();
  const number = (name: FamilyColumn) => (cell(name) === '' ? null : Number(cell(name)));
  return {
    id: cell('id'),
    name: cell('name'),
    construction: cell('construction'),
    history: cell('history'),
    hazard: cell('hazard').toLowerCase() === 'yes',
    severity: number('severity'),
    likelihood: number('likelihood'),
    years: cell('from') || cell('to') ? { from: number('from'), to: number('to') } : null,
    expectedLifeYears: number('expected life years'),
    prior: number('prior'),
    traits: Object.fromEntries(
      traitNames
        .filter((trait) => cell(trait))
        .map((trait) => [
          trait,
          Object.fromEntries(
            split(cell(trait), ';').map((pair) => {
              const at = pair.lastIndexOf(' ');
              return [pair.slice(0, at).trim(), Number(pair.slice(at + 1))];
            }),
          ),
        ]),
    ),
    nameplates: split(cell('nameplates'), '|').map((plate) => {
      const at = plate.indexOf(':');
      return { maker: plate.slice(0, at).trim(), models: split(plate.slice(at + 1), ',') };
    }),
  };
}

/** Reads rows back. All of them, or the faults with their line; the first line is the header's. */
export function familiesOfRows(rows: readonly Partial<Record<string, string>>[]): Parsed<Family[]> {
  const [faults, families]: [Fault[], Family[]] = [[], []];
  const seen = new Set<string>();
  for (const [index, row] of rows.entries()) {
    const at = `line ${index + 2}`;
    const parsed = v.safeParse(familySchema, familyOf(row));
    if (!parsed.success) faults.push(...faultsOf(parsed.issues, at));
    else if (seen.has(parsed.output.id))
      faults.push({ path: `${at}.id`, expected: 'an id used once', got: parsed.output.id });
    else {
      seen.add(parsed.output.id);
      families.push(parsed.output);
    }
  }
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: families };
}

/** The registry as it is carried. */
export interface Registry {
  families: Family[];
  recalls: Recall[];
}

const registry = v.pipe(v.number(), v.integer(), v.minValue(1));
const fileSchema = v.strictObject({
  format: v.literal('east-gate-families'),
  version: v.literal(2),
  registry,
  families: v.array(familySchema),
  recalls: v.array(recallSchema),
});

/** Version 1 knew no recalls. */
const upcast = (raw: unknown): unknown =>
  (raw as { version?: unknown } | null)?.version === 1
    ? { ...(raw as object), version: 2, recalls: [] }
    : raw;

/** The registry as an open file. */
export const familiesFile = ({ families, recalls }: Registry, version: number) => ({
  format: 'east-gate-families' as const,
  version: 2 as const,
  registry: version,
  families,
  recalls,
});

/** Reads a registry file of any published version. */
export function parseFamiliesFile(text: string): Parsed<Registry> {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return { ok: false, faults: [{ path: 'the whole', expected: 'JSON', got: 'something else' }] };
  }
  const parsed = v.safeParse(fileSchema, upcast(raw));
  return parsed.success
    ? { ok: true, value: { families: parsed.output.families, recalls: parsed.output.recalls } }
    : { ok: false, faults: faultsOf(parsed.issues) };
}
