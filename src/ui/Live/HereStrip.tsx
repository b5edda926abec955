'use client';

import type { News } from '@/core/record/package/news';
import { entryWords } from '@/core/show/report/entry-words';
import type { SiteView } from '@/core/installation/panel/site-view';
import { useBook } from '../Book/context';
import { sentWords } from '../primitives/sent-words';
import { useLiveNow } from './context';
import { handWords } from './hand-words';

/** So many are named; the rest are counted. */
const named = 3;

/** Over every view while somebody else is at this inspection: who, what he has in hand, what he recorded last. */
export function HereStrip() {
  const { state, names, panel } = useBook();
  const { others, hearing, last, met, following, follow } = useLiveNow();
  const { site } = state.assessment;
  if (others.length === 0 && !(met && hearing === 'deaf')) return null;
  const more = others.length - named;
  return (
    <div
      role="status"
      aria-label="Others here"
      className="border-line bg-app flex flex-wrap items-center gap-x-4 gap-y-1 border-b px-3 py-1 print:hidden"
    >
      {others.length === 0 && (
        <p>
          Who else is here is not known just now: the server is not reached. What you record is
          kept.
        </p>
      )}
      {others.slice(0, named).map(({ device, name, hand }) => (
        <p key={device} className="flex min-w-0 items-center gap-2">
          <span className="min-w-0 truncate">
            <strong>{name}</strong> {handWords(hand, site, panel.id)}
          </span>
          <button
            className="act shrink-0 px-2!"
            aria-pressed={following === device}
            aria-label={`Follow ${name}`}
            disabled={!hand}
            onClick={() => follow(following === device ? undefined : device)}
          >
            {following === device ? 'Following' : 'Follow'}
          </button>
        </p>
      ))}
      {more > 0 && <p>and {more} more</p>}
      {last && (
        <p className="text-ink2 min-w-0 flex-1 truncate text-right max-lg:hidden">
          {lastWords(last, site, names)}
        </p>
      )}
    </div>
  );
}

/** "Bram Oosterling, 10:05: Breaker 7, Heat mark: yes and 2 more" */
function lastWords({ entries }: News, site: SiteView, names: ReadonlyMap<string, string>): string {
  const entry = entries.at(-1)!;
  const { about, says } = entryWords(entry, site);
  const more = says.length > 1 ? ` and ${says.length - 1} more` : '';
  const said = [about, says[0]].filter(Boolean).join(', ');
  return `${names.get(entry.author) ?? 'A colleague'}, ${sentWords(entry.at)}: ${said}${more}`;
}
