import { properties } from '../../record/entries/properties';
import type { Assessment } from '../../judge/assess/assess';
import { gradeWords, grades } from '../../vocabulary/grade';
import { orderEntries } from '../../record/entries/history';
import type { Entry, Json } from '../../record/entries/entry';
import { canonicalJson } from '../../vocabulary/canonical';
import { counted } from '../../vocabulary/phrases';
import type { SiteView } from '../../installation/panel/site-view';
import type { Settings } from '../../codes/settings/settings';
import { schoolWords } from '../../codes/settings/settings';
import type { Carried } from '../../record/package/carried';
import { broughtWith } from '../../record/package/carried';
import type { Author } from './provenance';
import { entryWordsAsIssued } from './as-issued/entry-words';
import { entryWords } from './entry-words';

/** Settings and entries, as they are sealed: what only the whole record prints. */
export interface WholeRecord {
  settings: { term: string; says: string }[];
  lines: RecordLine[];
}

/** What the whole record prints of an inspection; the facts of an entry in the order they are asked for. */
export const wholeRecord = (
  entries: readonly Entry[],
  authors: readonly Author[],
  assessed: Pick<Assessment, 'site' | 'settings'>,
  carried: readonly Carried[] | null = null,
): WholeRecord => ({
  settings: [...settingsLines(assessed.settings), registryLine(assessed.settings)],
  lines: recordLines(entries.map(inOrderAsked), authors, assessed.site).map((line) => {
    const brought = broughtWith(carried, line.id);
    return brought ? { ...line, by: `${line.by}, ${broughtWords(brought)}` } : line;
  }),
});

/** "brought in a package by Ines Marrable, 2026-05-01" */
export const broughtWords = ({ by, at }: Pick<Carried, 'by' | 'at'>): string =>
  `brought in a package by ${by.name}, ${at.slice(0, 10)}`;

/** The same with facts in the order they are stored in, as it was printed before texts were sealed. */
export const recordAsIssued = (
  entries: readonly Entry[],
  authors: readonly Author[],
  { site, settings }: Pick<Assessment, 'site' | 'settings'>,
): WholeRecord => ({
  settings: settingsLines(settings),
  lines: recordLines(entries, authors, site, entryWordsAsIssued),
});

/** What came in packages, one line each: how many entries, of which office, brought by whom. */
export const broughtLines = (carried: readonly Carried[] | null): string[] =>
  (carried ?? []).map(
    (one) =>
      `${one.entries.length === 1 ? '1 entry' : `${one.entries.length} entries`} of ${one.office}, ${broughtWords(one)}`,
  );

const asked = new Map(Object.keys(properties).map((name, at) => [name, at]));

/** However a store keeps the facts of an entry, they read in one order. */
function inOrderAsked(entry: Entry): Entry {
  if (entry.kind === 'undo') return entry;
  const facts = Object.entries(entry.facts).sort(
    ([a], [b]) => (asked.get(a) ?? asked.size) - (asked.get(b) ?? asked.size) || (a < b ? -1 : 1),
  );
  return {
    ...entry,
    facts: Object.fromEntries(
      facts.map(([property, value]) => [property, JSON.parse(canonicalJson(value)) as Json]),
    ),
  };
}

/** One entry as the record prints it. */
export interface RecordLine {
  at: string;
  by: string;
  device: string;
  about: string;
  says: string;
  id: string;
}

/** Every entry in its order, by whom and when: what all the rest of the report follows from. */
export function recordLines(
  entries: readonly Entry[],
  authors: readonly Author[],
  site: SiteView,
  words: typeof entryWordsAsIssued = (entry, at) => entryWords(entry, at, nothing),
): RecordLine[] {
  const names = new Map(authors.map(({ id, name }) => [id, name]));
  return orderEntries(entries).ordered.map((entry) => {
    const { about, says } = words(entry, site);
    return {
      at: entry.at,
      by: names.get(entry.author) ?? entry.author,
      device: entry.device,
      about: entry.kind === 'undo' ? `Taken back: ${entry.undoes}` : about,
      says: says.join('; '),
      id: entry.id,
    };
  });
}

const nothing: ReadonlySet<string> = new Set();

/** The registry devices and panels were looked up in: what was not in it then could not be found. */
export const registryLine = ({ familiesVersion, families, recalls }: Settings) => ({
  term: 'Families and recalls looked up in',
  says: `version ${familiesVersion} of the registry: ${families.length} ${families.length === 1 ? 'family' : 'families'}, ${counted(recalls.length, 'recall')}`,
});

/** Settings the report was graded by. */
export function settingsLines(settings: Settings): { term: string; says: string }[] {
  return [
    { term: 'Yardstick', says: settings.yardstick },
    {
      term: 'Amendments laid over it',
      says: settings.amendments.length > 0 ? settings.amendments.join(', ') : 'none',
    },
    { term: 'Graded', says: schoolWords[settings.school] },
    {
      term: 'Days to act',
      says: grades
        .flatMap((grade) => {
          const days = (settings.deadlineDays as Partial<Record<string, number>>)[grade];
          return days === undefined ? [] : `${gradeWords[grade]} ${days}`;
        })
        .join(', '),
    },
  ];
}
