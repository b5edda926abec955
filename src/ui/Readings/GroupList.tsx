import type { Slot, SlotGroup } from '@/core/fieldwork/bench/slots';
import type { Reading } from '@/core';

interface GroupListProps {
  groups: readonly SlotGroup[];
  readingOf(slot: Slot): Reading;
  chosen: string;
  choose(key: string): void;
}

/** Groups in the order they are taken, with how many are read and whether one is bad. */
export function GroupList({ groups, readingOf, chosen, choose }: GroupListProps) {
  return (
    <ol className="mt-2 max-lg:flex max-lg:gap-2 max-lg:overflow-x-auto">
      {groups.map(({ key, title, slots }) => {
        const readings = slots.map(readingOf);
        const read = readings.filter(({ fact }) => fact).length;
        const bad = readings.filter(({ verdict }) => verdict.level === 'bad').length;
        const again = readings.some(({ verdict }) => verdict.level === 'again');
        return (
          <li key={key} className="max-lg:shrink-0">
            <button
              className={`flex w-full items-baseline gap-2 py-1.5 text-left max-lg:min-h-12 max-lg:px-2 ${key === chosen ? 'border-accent font-bold max-lg:border-b-4 lg:border-l-4 lg:pl-2' : 'text-ink2 hover:text-ink lg:pl-3'}`}
              aria-pressed={key === chosen}
              onClick={() => choose(key)}
            >
              <span className="flex-1">{title}</span>
              <span className="text-caption whitespace-nowrap">
                {bad > 0 && <strong className="text-danger">{bad} bad </strong>}
                {again && <strong className="text-urgent">again </strong>}
                {read}/{slots.length}
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}
