import 'server-only';
import * as v from 'valibot';
import type { Assessment, Author } from '@/core';
import { countByGrade } from '@/core/judge/grading/items';
import { actsWord } from '@/core/show/report/visit';
import { anySettingsSchema, assess, parseEntry } from '@/core';
import type { Entry } from '@/core/record/entries/entry';
import { asOfDay } from '@/core/show/report/dates';
import { dueOn } from '@/core/show/report/deadline';
import type { Settings } from '@/core/codes/settings/settings';
import type { Transaction } from '../db/connect';
import { manyEntries } from '../db/entries';
import type { InspectionRow } from '../db/inspections';
import type { Stage } from '../db/inspections';
import { upsertState } from '../db/inspections';
import type { IssuedRow } from '../db/reports';
import { manyIssuedOf } from '../db/reports';
import { manyMembers } from '../db/members';

/** An inspection as stored, its parts parsed. */
export interface StoredInspection {
  id: string;
  settings: Settings;
  authors: Author[];
  entries: Entry[];
}

const authorsSchema = v.array(v.object({ id: v.string(), name: v.string(), licence: v.string() }));

/** Reads entries, settings and the authors who wrote them. Stored rows that do not parse are a bug. */
export async function loadStored(tx: Transaction, row: InspectionRow): Promise<StoredInspection> {
  const entries = (await manyEntries(tx, row.id)).map(({ body }) => {
    const parsed = parseEntry(body);
    if (!parsed.ok)
      throw new Error(`Stored entry in ${row.id}: ${JSON.stringify(parsed.faults[0])}`);
    return parsed.value;
  });
  const wrote = new Set(entries.map((entry) => entry.author));
  const imported = v.parse(authorsSchema, row.authors);
  const known = new Set(imported.map((author) => author.id));
  const members = (await manyMembers(tx)).filter((member) => !known.has(member.id));
  return {
    id: row.id,
    settings: v.parse(anySettingsSchema, row.settings),
    authors: [...imported, ...members].filter((author) => wrote.has(author.id)),
    entries,
  };
}

/** Writes what lists show of an inspection, computed from all its entries. */
export async function materialise(
  tx: Transaction,
  organisation: string,
  stored: StoredInspection,
): Promise<void> {
  const assessment = assess(stored.entries, stored.settings);
  await upsertState(tx, organisation, {
    inspection_id: stored.id,
    place: assessment.site.name,
    address: assessment.site.address,
    as_of: asOfDay(stored.entries) ?? null,
    entries: stored.entries.length,
    findings: countByGrade(assessment.findings, assessment.settings),
    seen_share: assessment.coverage.seenShare,
    acts_made: assessment.visit.made,
    acts_agreed: assessment.visit.agreed,
    acts_called: actsWord(assessment.visit.scope),
    ...(await standing(tx, stored, assessment)),
  });
}

/** Deadlines, stage and words to find it by. */
async function standing(
  tx: Transaction,
  { id, settings, entries }: StoredInspection,
  assessment: Assessment,
) {
  const { site, findings } = assessment;
  const { reader } = site;
  const asOf = asOfDay(entries);
  const [latest] = await manyIssuedOf(tx, id);
  const due = findings
    .flatMap((finding) => dueOn(finding, settings, asOf) ?? [])
    .reduce<string | null>((a, b) => (a === null || b < a ? b : a), null);
  const returning = site.site !== undefined && reader.value(site.site, 'returnOf') !== undefined;
  const words = [
    site.name,
    site.address,
    site.site && reader.value(site.site, 'client'),
    // Year and number as words of their own: with the dash the second would be a negative number.
    latest?.number.replace('-', ' '),
    ...site.panels.flatMap(({ id: panel, name }) => [
      name,
      reader.value(panel, 'maker'),
      reader.value(panel, 'model'),
    ]),
    ...findings.map(({ verdict }) => verdict.rule.title),
  ];
  return {
    danger_open: findings.filter(({ grade, madeSafe }) => grade === 'danger' && !madeSafe).length,
    due_on: due,
    stage: stageOf(latest, entries.length, returning),
    issued_as: latest ? numberWords(latest) : null,
    words: [...new Set(words.filter(Boolean))].join(' '),
  };
}

function stageOf(latest: IssuedRow | undefined, entries: number, returning: boolean): Stage {
  if (!latest) return 'draft';
  if (latest.kind === 'closing') return 'closed';
  if (returning) return 'returning';
  return latest.entries === entries ? 'issued' : 'changed';
}

/** "2026-0007, revision 2" */
export const numberWords = ({ number, revision }: Pick<IssuedRow, 'number' | 'revision'>) =>
  revision === 0 ? number : `${number}, revision ${revision}`;
