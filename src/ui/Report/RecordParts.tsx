import type { RecordLine } from '@/core/show/report/record';
import { Item, Items } from './Item';
import { Part } from './Part';
import { Table } from './Table';

/** Settings and entries, as they are sealed. */
export interface ReportRecord {
  settings: { term: string; says: string }[];
  lines: RecordLine[];
}

/** Settings it was graded by, then every entry by whom and when. */
export function RecordParts({ record }: { record: ReportRecord }) {
  return (
    <>
      <Part id="settings" title="Settings it was graded by">
        <Items>
          {record.settings.map(({ term, says }) => (
            <Item key={term} term={term}>
              {says}
            </Item>
          ))}
        </Items>
      </Part>
      <Part id="entries" title={`Every entry: ${record.lines.length}`}>
        <Table
          label="Every entry"
          whole={[0, 4]}
          titles={['When', 'Who, on what', 'About', 'Says', 'Entry']}
          rows={record.lines.map(({ at, by, device, about, says, id }) => [
            at.slice(0, 16).replace('T', ' '),
            `${by}, ${device}`,
            about,
            says,
            id,
          ])}
        />
      </Part>
    </>
  );
}
