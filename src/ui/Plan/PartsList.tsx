'use client';

import type { PlanView } from '@/core';
import { later } from '@/client/later';
import { saveFile } from '../primitives/save-file';
import { moneyWords } from './money';

const csv = later(() => import('../primitives/csv'));
const cents = (amount: number) => amount.toFixed(2);

async function savePartsFile(plan: PlanView): Promise<void> {
  const { csvOfRows } = await csv();
  saveFile(
    'parts.csv',
    csvOfRows(
      plan.parts.map(({ words, many, low, likely, high }) => ({
        part: words,
        number: String(many),
        low: cents(low),
        likely: cents(likely),
        high: cents(high),
      })),
      ['part', 'number', 'low', 'likely', 'high'],
    ),
    'text/csv',
  );
}

/** Parts, each line once, as a table and as a file. */
export function PartsList({ plan, currency }: { plan: PlanView; currency: string }) {
  if (plan.parts.length === 0) return null;
  return (
    <section aria-labelledby="parts" className="mt-4">
      <h3 id="parts" className="border-line flex items-end justify-between border-b pb-1">
        <strong>Parts</strong>
        <button className="act" onClick={() => void savePartsFile(plan)}>
          Save as CSV
        </button>
      </h3>
      <table className="w-full">
        <thead className="sr-only">
          <tr>
            <th>Part</th>
            <th>Number</th>
            <th>Likely</th>
          </tr>
        </thead>
        <tbody>
          {plan.parts.map(({ part, words, many, likely }) => (
            <tr key={part} className="border-hair border-b">
              <td className="py-1">{words}</td>
              <td className="px-2 text-right">{many}</td>
              <td className="text-right">{moneyWords(likely, currency)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
