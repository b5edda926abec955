import { useState } from 'react';
import { gradeWords } from '@/core/vocabulary/grade';
import { gradeOf, likelihoodWords, severityWords } from '@/core/judge/grading/matrix';
import type { Likelihood, Severity } from '@/core/vocabulary/severity';
import { sizes } from '@/core/vocabulary/size';
import { yardstickOf } from '@/core/codes/yardstick';
import type { Settings } from '@/core/codes/settings/settings';
import { Search, holds } from './Search';

interface Table {
  title: string;
  source: string;
  head: readonly string[];
  rows: readonly (readonly (string | number)[])[];
}

/** The tables in force for this office, amendments laid over, each with its source. */
export function YardstickTables({ settings }: { settings: Settings }) {
  const [words, setWords] = useState('');
  const yardstick = yardstickOf(settings);
  const tables = tablesOf(settings).filter((table) =>
    holds(`${table.title} ${table.source}`, words),
  );
  return (
    <div className="mx-auto grid max-w-5xl gap-6 p-4">
      <p className="text-ink2">{yardstick.title}. Local code and the label decide.</p>
      <Search label="Search the tables" words={words} setWords={setWords} />
      {tables.map(({ title, source, head, rows }) => (
        <section key={title}>
          <h2 className="text-heading font-bold">{title}</h2>
          <p className="text-ink2">{source}</p>
          <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={title}>
            <table className="mt-1">
              <thead>
                <tr className="border-line border-b text-left">
                  {head.map((one) => (
                    <th key={one} className="pr-6">
                      {one}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {rows.map((row) => (
                  <tr key={row.join()} className="border-hair border-b">
                    {row.map((cell, index) => (
                      <td key={index} className="pr-6">
                        {cell}
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </section>
      ))}
    </div>
  );
}

function tablesOf(settings: Settings): Table[] {
  const yardstick = yardstickOf(settings);
  const ampacity = (metal: 'cu' | 'al'): Table => ({
    title: `Ampacity, ${metal === 'cu' ? 'copper' : 'aluminium'}, A`,
    source: `${yardstick.sources.ampacity.code}: ${yardstick.sources.ampacity.says}`,
    head: ['size', '60 °C', '75 °C', '90 °C'],
    rows: sizes.flatMap((size) => {
      const row = yardstick.ampacityA[metal][size];
      return row ? [[size, row[60], row[75], row[90]]] : [];
    }),
  });
  const lengths = [
    ['depth up to 150 V to ground', yardstick.workingDepth],
    ['depth, condition 1', yardstick.workingDepthAbove150V['1']],
    ['depth, condition 2', yardstick.workingDepthAbove150V['2']],
    ['depth, condition 3', yardstick.workingDepthAbove150V['3']],
    ['width', yardstick.workingWidth],
    ['headroom', yardstick.headroom],
    ['highest handle', yardstick.handleHeight],
    ['rods apart', yardstick.rodSpacing],
  ] as const;
  const severities: Severity[] = [4, 3, 2, 1];
  const likelihoods: Likelihood[] = [1, 2, 3, 4, 5];
  return [
    {
      title: 'Grades',
      source: 'severity by likelihood; the office does not change it',
      head: ['', ...likelihoods.map((l) => `L${l} ${likelihoodWords[l]}`)],
      rows: severities.map((s) => [
        `S${s} ${severityWords[s]}`,
        ...likelihoods.map((l) => gradeWords[gradeOf(s, l)]),
      ]),
    },
    {
      title: 'Space and height',
      source: '110.26, 240.24, 250.53; meeting either unit passes',
      head: ['what', 'figure', 'mm', 'source'],
      rows: lengths.map(([what, limit]) => [
        what,
        `${limit.value} ${limit.unit}`,
        limit.mm,
        limit.source.code,
      ]),
    },
    ampacity('cu'),
    ampacity('al'),
    {
      title: 'Dwelling services',
      source: '310.12, smallest conductor for the main',
      head: ['main, A', 'copper', 'aluminium'],
      rows: yardstick.dwellingService.map(({ mainA, cu, al }) => [mainA, cu, al]),
    },
    {
      title: 'Equipment grounding conductors',
      source: '250.122',
      head: ['device up to, A', 'copper', 'aluminium'],
      rows: yardstick.equipmentGround.map(({ upToA, cu, al }) => [upToA, cu, al]),
    },
    {
      title: 'Electrode conductors',
      source: '250.66',
      head: ['service copper up to', 'aluminium up to', 'copper', 'aluminium'],
      rows: yardstick.electrodeConductor.map((row) => [row.cuUpTo, row.alUpTo, row.cu, row.al]),
    },
    {
      title: 'Protection asked for since',
      source: '210.8, 210.12',
      head: ['place', 'ground-fault', 'arc-fault'],
      rows: [
        ...new Set([
          ...Object.keys(yardstick.protectionSince['ground-fault']),
          ...Object.keys(yardstick.protectionSince['arc-fault']),
        ]),
      ].map((place) => [
        place,
        yardstick.protectionSince['ground-fault'][place as 'kitchen'] ?? '',
        yardstick.protectionSince['arc-fault'][place as 'kitchen'] ?? '',
      ]),
    },
  ];
}
