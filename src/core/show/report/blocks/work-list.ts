import { isolationCaution } from '../isolation';
import { mendingWords } from '../mending';
import type { PlacedFinding } from '../places';
import { numberWords } from '../places';
import { workList } from '../work-list';
import type { Block } from './block';
import { findingHead, nothingFound, sameCause, sourcesOf } from './finding';
import { mustStayOn } from './household';
import { item, itemIf, items, paragraph, part, strong } from './say';
import type { Source } from './sheet';

/** The electrician's list: by panel and place, with what is needed to quote and to do it. */
export function workByPlace({ report }: Source): Block[] {
  let off = '';
  let visit = '';
  return part('all-findings', 'Work by place', [
    ...paragraph(strong(isolationCaution)),
    ...mustStayOn(report),
    ...nothingFound(report.findings),
    ...workList(report).flatMap(({ trade, panelName, place, findings }): Block[] => {
      const under: Block[] = trade === visit ? [] : [{ kind: 'heading', level: 2, text: trade }];
      visit = trade;
      const [first] = findings as unknown as [PlacedFinding];
      const isolation = `${panelName}: ${distinct(findings.map((one) => one.isolation)).join(' ')}`;
      const same = isolation === off;
      off = isolation;
      return [
        ...under,
        {
          kind: 'keep',
          blocks: [
            { kind: 'heading', level: 3, text: `${panelName}, ${place}` },
            ...findings.map(work),
            ...items(
              ...distinct(findings.flatMap(({ exact }) => exact)).map((words) =>
                item('There', words),
              ),
              ...(first.isolation
                ? [item('To be off', same ? 'as at the place before' : isolation)]
                : []),
              ...itemIf('Torque', first.torque),
              item(
                'Read and record after',
                distinct(findings.flatMap(({ readingsAfter }) => readingsAfter)).join('; '),
              ),
            ),
          ],
        },
      ];
    }),
    { kind: 'heading', level: 3, text: 'Panels: label, supply and room left' },
    ...items(...report.panels.map(({ name, label }) => item(name, label))),
  ]);
}

const work = (finding: PlacedFinding): Block => ({
  kind: 'keep',
  id: `finding-${numberWords(finding)}`,
  blocks: [
    ...findingHead(finding, false),
    ...items(
      item('Found', finding.seen),
      ...itemIf(sameCause, finding.absorbed.join('; ')),
      item('To do', finding.ask),
      ...finding.also.map((words) => item('To do too', words)),
      item('Ways', mendingWords(finding)),
      ...itemIf('Calculated', finding.whyHere?.sentence),
      ...itemIf('Made safe', finding.madeSafe),
      item('Source', sourcesOf(finding)),
      ...itemIf('Photos', finding.photos.join(', ')),
    ),
  ],
});

const distinct = (words: readonly string[]) => [...new Set(words)];
