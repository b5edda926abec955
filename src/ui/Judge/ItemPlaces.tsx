import type { FindingItem } from '@/core/judge/grading/items';
import { wallTimeWords } from '@/core/show/report/dates';
import { findingWords } from '@/core/show/report/finding-words';
import { useBook } from '../Book/context';

interface ItemPlacesProps {
  item: FindingItem;
  chosen: string;
  choose(key: string): void;
}

/** The places of one thing, each with what was seen there and when; one is in hand. */
export function ItemPlaces({ item, chosen, choose }: ItemPlacesProps) {
  const { state } = useBook();
  const { settings, site } = state.assessment;
  return (
    <ul className="border-hair mb-2 border-t" aria-label="Its places">
      {item.places.map(({ letter, finding }) => {
        const { key, verdict, certainty, outcome } = finding;
        const at = outcome.facts.at(-1)?.at;
        const panel = site.panels.find(({ id }) => id === verdict.panel);
        return (
          <li key={key} className="border-hair border-b">
            <button
              className={`grid w-full grid-cols-[2.4rem_1fr_auto] gap-x-2 py-1.5 text-left max-lg:min-h-12 ${key === chosen ? 'bg-app' : 'hover:bg-app'}`}
              aria-pressed={key === chosen}
              onClick={() => choose(key)}
            >
              <strong>
                {item.number}
                {letter}
              </strong>
              <span>
                <strong>{verdict.place.label}</strong>
                {site.panels.length > 1 && <span className="text-ink2"> {panel?.name}</span>}
                <br />
                {findingWords(verdict, 'seen', settings)}
              </span>
              <span className="text-caption text-ink2 whitespace-nowrap">
                <span className={`sure-${certainty}`}>{certainty}</span> {at && wallTimeWords(at)}
              </span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}
