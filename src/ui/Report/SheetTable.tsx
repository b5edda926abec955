import type { Table } from '@/core/show/report/blocks/block';

/** A table of words, which scrolls by itself where it is wider than the page. */
export function SheetTable({ table: { label, columns, rows } }: { table: Table }) {
  return (
    <div className="mt-2 overflow-x-auto" tabIndex={0} role="group" aria-label={label}>
      <table className="w-full text-left text-sm">
        <thead>
          <tr className="border-line border-b">
            {columns.map(({ title }) => (
              <th key={title} className="text-ink2 py-1 pr-3 align-bottom font-semibold">
                {title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((cells, index) => (
            <tr key={index} className="border-hair break-inside-avoid border-b">
              {cells.map((cell, at) => (
                <td
                  key={at}
                  className={`py-1 pr-3 align-top ${columns[at]?.whole ? 'whitespace-nowrap' : ''}`}
                >
                  {cell}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
