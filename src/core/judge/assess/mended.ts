import type { Entry } from '../../record/entries/entry';
import type { Fact } from '../../record/entries/inspection';
import type { FactReader } from '../../record/entries/fact-reader';
import { mendActions, withoutActions } from '../../record/entries/mends';
import { propertySpec } from '../../record/entries/properties';
import { verdictKeys } from '../examine/verdict';
import type { Assessment } from './assessment';
import type { Mend, MendedFinding } from './mend';
import { standingsIn } from './standing';

/** Entries as they would be had nothing been mended on the visit; nothing where nothing was. */
export function asFoundEntries(entries: readonly Entry[]): readonly Entry[] | undefined {
  const actions = mendActions(entries);
  return actions.size > 0 ? withoutActions(entries, actions) : undefined;
}

/** Sets down in an assessment what was mended on the visit, by the assessment of what was found. */
export function setMended(
  now: Assessment,
  entries: readonly Entry[],
  found: Assessment | undefined,
): Assessment {
  if (!found) return now;
  const standing = standingsIn(now);
  const mends = mendsOf(now, entries);
  now.asFound = found;
  now.mended = found.findings.flatMap((finding): MendedFinding[] => {
    const keys = verdictKeys(finding.verdict);
    const mend = mends.findLast(({ of }) => of.some((key) => keys.includes(key)));
    if (!mend) return [];
    const { state } = standing(finding.key);
    return [{ finding, mend, now: state === 'taken-over' ? 'found' : state }];
  });
  return now;
}

function mendsOf({ site, inspection }: Assessment, entries: readonly Entry[]): Mend[] {
  const { reader } = site;
  const actions = mendActions(entries);
  const byMend = new Map<string, Set<string>>();
  for (const entry of entries) {
    const mend = actions.get(entry.action);
    if (mend === undefined) continue;
    const known = byMend.get(mend);
    if (known) known.add(entry.id);
    else byMend.set(mend, new Set([entry.id]));
  }
  return [...reader.inspection.things.values()].flatMap((thing): Mend[] => {
    const of =
      thing.type === 'mend' &&
      !reader.value(thing.id, 'removed') &&
      reader.fact(thing.id, 'mendOf');
    if (!of) return [];
    const own = byMend.get(thing.id) ?? new Set<string>();
    return [
      {
        id: thing.id,
        of: of.value,
        by: reader.value(thing.id, 'mendedBy'),
        how: reader.value(thing.id, 'mendHow'),
        parts: reader.value(thing.id, 'mendParts'),
        at: of.at,
        author: of.author,
        readings: readingsOf(inspection, own),
        entries: own,
      },
    ];
  });
}

/** Facts got by an instrument or a trial, stated by these entries and standing. */
function readingsOf(
  { facts }: Pick<Assessment['inspection'], 'facts'>,
  entries: ReadonlySet<string>,
): Fact[] {
  return [...facts.values()].flatMap((byProperty) =>
    [...byProperty].flatMap(([property, values]) =>
      propertySpec(property)?.act === 'test'
        ? values.filter(({ entry }) => entries.has(entry))
        : [],
    ),
  );
}

/** The mend this member is recording on this device, until all of it is recorded. */
export function openMend(
  reader: FactReader,
  entries: readonly Entry[],
  by: { member: string; device: string },
): string | undefined {
  const last = entries.findLast(
    (entry) =>
      entry.kind === 'add' &&
      entry.type === 'mend' &&
      entry.author === by.member &&
      entry.device === by.device &&
      reader.inspection.things.has(entry.thing),
  );
  if (last?.kind !== 'add') return undefined;
  const over = reader.value(last.thing, 'mendDone') || reader.value(last.thing, 'removed');
  return over ? undefined : last.thing;
}
