import type { Slot } from '@/core/fieldwork/bench/slots';
import type { Reading } from '@/core';
import { useBook } from '../Book/context';
import { VerdictMark } from './VerdictMark';
import { clock } from '@/core/show/report/dates';

interface SlotTableProps {
  slots: readonly Slot[];
  readingOf(slot: Slot): Reading;
  chosen: string | undefined;
  choose(key: string): void;
}

/** What is to be read, the figure, what it says at once, its limits, and who took it with what. */
export function SlotTable({ slots, readingOf, chosen, choose }: SlotTableProps) {
  const { names } = useBook();
  return (
    <ul>
      {slots.map((slot) => {
        const { fact, taking, verdict } = readingOf(slot);
        const on = slot.key === chosen;
        return (
          <li key={slot.key} className="border-hair border-b">
            <button
              className={`grid w-full grid-cols-[minmax(0,1.1fr)_5.5rem_minmax(0,1.4fr)] items-baseline gap-x-3 px-2 py-1.5 text-left max-lg:min-h-12 max-md:grid-cols-[minmax(0,1fr)_5.5rem] ${on ? 'bg-app border-accent border-l-4' : 'hover:bg-app'}`}
              aria-pressed={on}
              onClick={() => choose(slot.key)}
            >
              <span>
                <strong>{slot.words}</strong>
                {slot.limits && (
                  <span className="text-caption text-ink2 block">
                    {slot.limits.words} ({slot.limits.source})
                  </span>
                )}
              </span>
              <span className="text-right text-base whitespace-nowrap">
                {fact ? (
                  <>
                    <strong className="sure-measured">{String(fact.value)}</strong>{' '}
                    <span className="text-ink2 text-body">{slot.unit}</span>
                  </>
                ) : (
                  <span className="text-ink3">–</span>
                )}
              </span>
              <span className="max-md:col-span-2">
                <VerdictMark verdict={verdict} />
                {taking && (
                  <span className="text-caption text-ink2 block">
                    {names.get(taking.author) ?? 'a colleague'}, {clock(taking.at)},{' '}
                    {taking.instrumentWords ?? 'instrument not recorded'}
                  </span>
                )}
              </span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}
