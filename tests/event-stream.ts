import type { Present } from '@/core/fieldwork/hand/hand';
import type { Entry } from '@/core/record/entries/entry';
import type { News } from '@/core/record/package/news';

/** What was heard on a stream of an inspection, in the order it came. */
export interface Watching {
  status: number;
  news: News[];
  /** Who was there last. */
  here: Present[];
  /** Milliseconds of the clock when each of the news came. */
  at: number[];
  entries(): Entry[];
  /** It ended, whoever ended it. */
  ended: Promise<void>;
  isEnded(): boolean;
  /** Resolves once it is so; throws after so many milliseconds. */
  until(what: () => boolean, ms?: number): Promise<void>;
  leave(): void;
}

interface Ears {
  onBegun?(): void;
  onNews?(news: News): void;
}

/** Watches an inspection as a browser does, from a place in the order of arrival on. */
export async function watch(
  origin: string,
  cookie: string,
  inspection: string,
  after: number | string = 0,
  { onBegun, onNews }: Ears = {},
): Promise<Watching> {
  const left = new AbortController();
  const query = new URLSearchParams({ inspection, after: String(after) });
  const response = await fetch(`${origin}/api/live/stream?${query}`, {
    headers: { cookie, accept: 'text/event-stream' },
    signal: left.signal,
  });
  const watching: Watching = {
    status: response.status,
    news: [],
    here: [],
    at: [],
    entries: () => watching.news.flatMap(({ entries }) => entries),
    ended: Promise.resolve(),
    isEnded: () => isEnded,
    async until(what, ms = 10_000) {
      const deadline = Date.now() + ms;
      while (!what()) {
        if (Date.now() > deadline)
          throw new Error(
            `Not heard: ${watching.news.length} news, ${watching.entries().length} entries`,
          );
        await new Promise((resolve) => setTimeout(resolve, 5));
      }
    },
    leave: () => left.abort(),
  };
  let isEnded = response.status !== 200;
  if (isEnded) {
    await response.body?.cancel();
    return watching;
  }
  watching.ended = read(response.body!, (name, data) => {
    if (name === 'here') watching.here = JSON.parse(data) as Present[];
    if (name === 'begun') onBegun?.();
    if (name !== 'news') return;
    const news = JSON.parse(data) as News;
    watching.news.push(news);
    watching.at.push(performance.now());
    onNews?.(news);
  }).then(
    () => void (isEnded = true),
    () => void (isEnded = true),
  );
  return watching;
}

async function read(
  body: ReadableStream<Uint8Array>,
  hear: (name: string, data: string) => void,
): Promise<void> {
  const decoder = new TextDecoder();
  let text = '';
  for await (const bytes of body as unknown as AsyncIterable<Uint8Array>) {
    text += decoder.decode(bytes, { stream: true });
    const events = text.split('\n\n');
    text = events.pop()!;
    for (const event of events) {
      const field = (name: string) =>
        event
          .split('\n')
          .find((line) => line.startsWith(`${name}: `))
          ?.slice(name.length + 2);
      hear(field('event') ?? '', field('data') ?? '');
    }
  }
}
