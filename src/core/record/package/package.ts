import * as v from 'valibot';
import { carriedSchema } from './carried';
import type { Entry } from '../entries/entry';
import { entrySchema } from '../entries/entry';
import type { Fault, Parsed } from '../../vocabulary/fault';
import { parseEntry } from '../entries/versions';
import { troubleIn } from '../../vocabulary/bounded';
import { faultsOf } from '../../vocabulary/fault';
import { letterheadSchema } from '../../codes/settings/letterhead';
import { settingsSchema } from '../../codes/settings/settings';
import { anySettingsSchema } from '../../codes/settings/versions';
import { amendments, yardsticks } from '../../codes/yardstick';

export const packageFormat = 'east-gate-inspection';
export const packageVersion = 4;
/** The document in the zip. */
export const packageFileName = 'inspection.json';

const digest = v.pipe(v.string(), v.regex(/^[0-9a-f]{64}$/, 'a SHA-256 in hex'));
const id = v.pipe(
  v.string(),
  v.regex(/^[A-Za-z0-9_-]{1,64}$/, 'an id of 1 to 64 letters, digits, - or _'),
);

/** What was signed with a package: it is sealed with the rest, so that neither name nor words can be changed unnoticed. */
export const issuedSchema = v.strictObject({
  number: v.string(),
  revision: v.pipe(v.number(), v.integer(), v.minValue(0)),
  kind: v.picklist(['report', 'closing']),
  changes: v.string(),
  signedName: v.string(),
  licence: v.string(),
  /** YYYY-MM-DD */
  on: v.pipe(v.string(), v.isoDate()),
  /** SHA-256 of the report as it was composed. */
  report: digest,
});
export type IssuedSeal = v.InferOutput<typeof issuedSchema>;

/** Everything but the entries, which are read one by one so that a fault names its place. */
const frame = {
  format: v.literal(packageFormat),
  version: v.literal(packageVersion),
  inspection: v.strictObject({ id, title: v.pipe(v.string(), v.maxLength(200)) }),
  /** YYYY-MM-DD; null where nothing is recorded. */
  asOf: v.nullable(v.pipe(v.string(), v.isoDate())),
  settings: settingsSchema,
  authors: v.array(v.strictObject({ id, name: v.string(), licence: v.string() })),
  yardstick: v.strictObject({ id: v.string(), digest }),
  ruleBook: v.strictObject({ digest }),
  /** Null where it was not issued. */
  issued: v.nullable(issuedSchema),
  /** Entries that came in other packages, and who brought them; null where it was not recorded. */
  carried: carriedSchema,
  /** How the office showed itself on the report; null where it was not issued, or before offices could. */
  letterhead: v.nullable(letterheadSchema),
};

const frameSchema = v.strictObject({
  ...frame,
  settings: anySettingsSchema,
  entries: v.array(v.unknown()),
});
/** The published shape of inspection.json. */
export const packageSchema = v.strictObject({ ...frame, entries: v.array(entrySchema) });

export type InspectionPackage = v.InferOutput<typeof packageSchema>;

/** What older versions did not have. */
const lackingOf = {
  1: { issued: null, carried: null, letterhead: null },
  2: { carried: null, letterhead: null },
  3: { letterhead: null },
} as const;

const mostFaults = 20;
/** Far beyond any inspection; what is deeper or more is not read. */
const packageBounds = { depth: 24, nodes: 8_000_000, text: 2_000_000 };

/** Reads inspection.json. Everything is checked before anything is returned. */
export function parsePackage(text: string): Parsed<InspectionPackage> {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch (error) {
    return fail({
      path: packageFileName,
      expected: 'JSON',
      got: error instanceof Error ? error.message : 'something else',
    });
  }
  const trouble = troubleIn(raw, packageBounds);
  if (trouble)
    return fail({ path: packageFileName, expected: trouble.replace(/^expected /, ''), got: 'it' });
  const head = raw as { format?: unknown; version?: unknown } | null;
  if (typeof head !== 'object' || head === null || head.format !== packageFormat)
    return fail({
      path: 'format',
      expected: `"${packageFormat}"`,
      got: JSON.stringify(head?.format) ?? typeof raw,
    });
  // The first version knew no signature, the second not who brought what, the third no letterhead.
  const lacking = lackingOf[head.version as keyof typeof lackingOf];
  if (lacking) raw = { ...lacking, ...head, version: packageVersion };
  else if (head.version !== packageVersion)
    return fail({
      path: 'version',
      expected: `a version up to ${packageVersion}`,
      got: JSON.stringify(head.version) ?? 'nothing',
    });
  const result = v.safeParse(frameSchema, raw);
  if (!result.success) return { ok: false, faults: faultsOf(result.issues) };
  if (
    !yardsticks[result.output.yardstick.id] ||
    result.output.settings.yardstick !== result.output.yardstick.id
  )
    return fail({
      path: 'yardstick.id',
      expected: `one of ${Object.keys(yardsticks).join(', ')}, as in the settings`,
      got: result.output.yardstick.id,
    });
  const unknown = result.output.settings.amendments.find(
    (id) => amendments[id]?.over !== result.output.yardstick.id,
  );
  if (unknown)
    return fail({
      path: 'settings.amendments',
      expected: `amendments of ${result.output.yardstick.id}: ${Object.keys(amendments).join(', ')}`,
      got: unknown,
    });
  const faults: Fault[] = [];
  const entries: Entry[] = [];
  const seen = new Set<string>();
  for (const [index, rawEntry] of result.output.entries.entries()) {
    const parsed = parseEntry(rawEntry, `entries.${index}`);
    if (!parsed.ok) faults.push(...parsed.faults);
    else if (seen.has(parsed.value.id))
      faults.push({
        path: `entries.${index}.id`,
        expected: 'an id used once',
        got: parsed.value.id,
      });
    else {
      seen.add(parsed.value.id);
      entries.push(parsed.value);
    }
    if (faults.length >= mostFaults) break;
  }
  if (faults.length > 0) return { ok: false, faults };
  return { ok: true, value: { ...result.output, entries } };
}

const fail = (fault: Fault): { ok: false; faults: Fault[] } => ({ ok: false, faults: [fault] });
