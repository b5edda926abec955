import { useState } from 'react';
import type { Family } from '@/core/codes/families/family';
import { traitNames, traits } from '@/core/codes/families/family';
import {
  familiesFile,
  familiesOfRows,
  familyColumns,
  familyRow,
  parseFamiliesFile,
} from '@/core/codes/families/family-rows';
import type { Registry } from '@/core/codes/families/family-rows';
import type { Recall } from '@/core/codes/families/recall';
import { counted } from '@/core/vocabulary/phrases';
import type { Parsed } from '@/core/vocabulary/fault';
import { describeFault } from '@/core/vocabulary/fault';
import { gradeWords } from '@/core/vocabulary/grade';
import { gradeOf } from '@/core/judge/grading/matrix';
import { rowsOfCsv, csvOfRows } from '../primitives/csv';
import { saveFile } from '../primitives/save-file';
import { Search, holds } from './Search';
import type { LibraryTab } from './tab';

/** A table of families alone leaves the recalls as they are. */
const registryOf = (read: Parsed<Family[]>, recalls: Recall[]): Parsed<Registry> =>
  read.ok ? { ok: true, value: { families: read.value, recalls } } : read;

/** The registry of construction families and recalled devices: read, searched, carried out and in as CSV or JSON. */
export function Families({ settings, save }: LibraryTab) {
  const { families, recalls, familiesVersion } = settings;
  const [words, setWords] = useState('');
  const [said, setSaid] = useState('');
  const found = families.filter((family) => holds(JSON.stringify(family), words));
  const load = async (file: File | undefined) => {
    if (!file) return;
    const text = await file.text();
    let read;
    try {
      read = file.name.endsWith('.json')
        ? parseFamiliesFile(text)
        : registryOf(familiesOfRows(rowsOfCsv(text)), recalls);
    } catch (error) {
      setSaid(`${file.name}: ${(error as Error).message}`);
      return;
    }
    if (!read.ok) {
      setSaid(read.faults.slice(0, 6).map(describeFault).join('; '));
      return;
    }
    const fault = await save({ ...settings, ...read.value });
    setSaid(
      fault ??
        `${read.value.families.length} families and ${counted(read.value.recalls.length, 'recall')} stand here now.`,
    );
  };
  return (
    <div className="mx-auto grid max-w-5xl gap-4 p-4">
      <p className="text-ink2">
        Version {familiesVersion} of the registry. A family is told by its construction; nameplates
        are mapped to it here. Damage decides first.
      </p>
      <div className="flex flex-wrap items-center gap-2">
        <Search label="Search the families" words={words} setWords={setWords} />
        <button
          className="act"
          onClick={() =>
            saveFile('families.csv', csvOfRows(families.map(familyRow), familyColumns), 'text/csv')
          }
        >
          Save as CSV
        </button>
        <button
          className="act"
          onClick={() =>
            saveFile(
              'families.json',
              JSON.stringify(familiesFile({ families, recalls }, familiesVersion), null, 2),
              'application/json',
            )
          }
        >
          Save as JSON
        </button>
        <label className="act">
          Load CSV or JSON
          <input
            type="file"
            className="sr-only"
            accept=".csv,.json"
            onChange={(event) => void load(event.target.files?.[0])}
          />
        </label>
        <span role="status">{said}</span>
      </div>
      <ul className="border-ink border-t-2" aria-label="Families">
        {found.map((family) => (
          <FamilyItem key={family.id} family={family} />
        ))}
      </ul>
      <h2 className="text-heading font-bold">Recalled devices</h2>
      <p className="text-ink2">
        Types of device their makers called back, by date code. They are carried out and in with the
        families, as JSON.
      </p>
      <ul className="border-ink border-t-2" aria-label="Recalled devices">
        {recalls
          .filter((recall) => holds(JSON.stringify(recall), words))
          .map(({ id, maker, types, codes, says, severity, likelihood, source }) => (
            <li key={id} className="border-hair border-b py-3">
              <h3 className="font-bold">
                {maker} {types.join(', ')}
              </h3>
              <p>
                {codes ? `Date codes ${codes.from} to ${codes.to}` : 'Whatever the date code'}:{' '}
                {says}.
              </p>
              <p className="text-ink2">
                {source}. Severity {severity}, likelihood {likelihood}:{' '}
                {gradeWords[gradeOf(severity, likelihood)]}.
              </p>
            </li>
          ))}
        {recalls.length === 0 && <li className="text-ink2 py-3">None are kept here.</li>}
      </ul>
    </div>
  );
}

function FamilyItem({ family }: { family: Family }) {
  return (
    <li className="border-hair grid gap-1 border-b py-3 md:grid-cols-[1fr_300px] md:gap-6">
      <div>
        <h2 className="text-heading font-bold">{family.name}</h2>
        <p className="first-letter:uppercase">{family.construction}.</p>
        <p className="text-ink2">
          {family.hazard ? `Known: ${family.history}.` : 'No history; told apart only.'}
        </p>
        <p className="text-ink2">
          {family.years && `${family.years.from} to ${family.years.to}. `}
          {family.hazard &&
            `Severity ${family.severity}, likelihood ${family.likelihood}: ${gradeWords[gradeOf(family.severity, family.likelihood)]} before anything was seen. `}
          {family.nameplates.map(({ maker, models }) => `${maker} ${models.join(', ')}`).join('; ')}
        </p>
      </div>
      <table className="text-caption">
        <caption className="sr-only">Traits of {family.name}</caption>
        <tbody>
          {traitNames.map((trait) => (
            <tr key={trait} className="border-hair border-b align-top">
              <th scope="row" className="pr-2 text-left font-normal">
                {traits[trait].words}
              </th>
              <td>
                {Object.entries(family.traits[trait] ?? {})
                  .sort((a, b) => b[1] - a[1])
                  .slice(0, 2)
                  .map(
                    ([value, share]) =>
                      `${(traits[trait].values as Record<string, string>)[value]} ${Math.round(share * 100)} %`,
                  )
                  .join(', ') || 'not stated'}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </li>
  );
}
