import type { Present } from '@/core/fieldwork/hand/hand';
import { askJson } from '../http';
import type { LiveLine } from './feed';

const livePath = '/api/live';

/** Hears by server-sent events; asks where these do not come through. */
export const httpLine = (inspection: string): LiveLine => ({
  listen(after, ears) {
    const source = new EventSource(
      `${livePath}/stream?${new URLSearchParams({ inspection, after: String(after) }).toString()}`,
    );
    const heard = (name: string, hear: (said: unknown) => void) =>
      source.addEventListener(name, (event) =>
        hear(JSON.parse((event as MessageEvent<string>).data)),
      );
    // Said by the server itself: what stands between may have opened, and hold everything back.
    source.addEventListener('begun', () => ears.onOpen());
    heard('news', (news) => ears.onNews(news));
    heard('here', (here) => ears.onHere(here as Present[]));
    // It would try again by itself, from where it was opened: it is opened anew from where it has come to.
    source.onerror = () => {
      source.close();
      ears.onLost();
    };
    return () => source.close();
  },
  async ask(after) {
    const answer = await askJson<{ news: unknown; here: Present[] }>(livePath, {
      searchParams: { inspection, after },
    });
    if (answer.ok) return { kind: 'told', ...answer.value };
    return { kind: [401, 403].includes(answer.status) ? 'refused' : 'unreachable' };
  },
});
