import { compareEntries } from '@/core/record/entries/entry';
import type { News } from '@/core/record/package/news';
import type { Opened } from '@/core/record/package/opened';
import { keepAnswer, keptAnswer } from '../kept/answers';
import { bookPath } from '../sent/paths';

interface BookKept {
  who: unknown;
  arrived?: number;
  opened: Opened;
}

/** Puts what others recorded into this device's copy, so that it is there without the server too. */
export async function keepNews(inspection: string, all: readonly News[]): Promise<void> {
  const path = bookPath(inspection);
  const kept = await keptAnswer(path);
  if (!kept) return;
  const { who, arrived = 0, opened } = kept.sent as BookKept;
  // A copy that lacks what came before these would lack it for good.
  const following = all.filter(({ from }) => from <= arrived);
  const known = new Set(opened.entries.map(({ id }) => id));
  const entries = following.flatMap((news) => news.entries).filter(({ id }) => !known.has(id));
  const authors = new Map(
    [...opened.authors, ...following.flatMap((news) => news.authors)].map((one) => [one.id, one]),
  );
  await keepAnswer(path, {
    who,
    arrived: Math.max(arrived, ...following.map((news) => news.arrived)),
    opened: {
      ...opened,
      entries: [...opened.entries, ...entries].sort(compareEntries),
      authors: [...authors.values()],
    },
  } satisfies BookKept);
}
