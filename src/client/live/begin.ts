import type { Hand, Present } from '@/core/fieldwork/hand/hand';
import type { News } from '@/core/record/package/news';
import { deviceId } from '../device-id';
import type { Hearing } from './feed';
import { Feed } from './feed';
import { httpLine } from './http-line';
import { keepNews } from './keep-news';
import { SayHere } from './say-here';

export interface LiveAround {
  inspection: string;
  /** What is shown here has what arrived up to here. */
  arrived: number;
  onNews(news: News): void;
  /** The others who are there. */
  onHere(others: readonly Present[]): void;
  onHearing(hearing: Hearing): void;
  onAgain(): void;
}

export interface LiveHere {
  /** Says to the others what is in hand here. */
  inHand(hand: Hand | undefined): void;
  end(): void;
}

/** Milliseconds until what came is written into this device's copy: much may come at once. */
const keepAfterMs = 2000;
/** A page nobody looks at listens so long; a browser has few lines to one server. */
const restAfterMs = 20_000;

/** Hears what others record of an inspection, and tells them who is here, for as long as somebody looks. */
export function beginLive({
  inspection,
  onNews,
  onHere,
  onHearing,
  ...around
}: LiveAround): LiveHere {
  let toKeep: News[] = [];
  let keeping: ReturnType<typeof setTimeout> | undefined;
  let resting: ReturnType<typeof setTimeout> | undefined;
  const keepNow = () => {
    clearTimeout(keeping);
    keeping = undefined;
    if (toKeep.length > 0) void keepNews(inspection, toKeep);
    toKeep = [];
  };
  const own = deviceId();
  const saying = new SayHere(inspection);
  const feed = new Feed({
    ...around,
    line: httpLine(inspection),
    onNews: (news) => {
      onNews(news);
      toKeep.push(news);
      keeping ??= setTimeout(keepNow, keepAfterMs);
    },
    onHere: (here) => onHere(here.filter(({ device }) => device !== own)),
    onHearing: (hearing) => {
      // Whoever was away is there again.
      if (hearing === 'live') saying.come();
      onHearing(hearing);
    },
    after: (ms, work) => {
      const timer = setTimeout(work, ms);
      return () => clearTimeout(timer);
    },
  });
  const look = () => {
    clearTimeout(resting);
    if (document.visibilityState === 'hidden') {
      resting = setTimeout(() => feed.rest(), restAfterMs);
      return;
    }
    feed.wake();
    saying.come();
  };
  const left = new AbortController();
  const { signal } = left;
  const onLeave = () => {
    saying.leave();
    keepNow();
  };
  document.addEventListener('visibilitychange', look, { signal });
  window.addEventListener('online', () => feed.wake(), { signal });
  window.addEventListener('pagehide', onLeave, { signal });
  window.addEventListener('pageshow', look, { signal });
  look();
  return {
    inHand: (hand) => saying.say(hand),
    end: () => {
      left.abort();
      clearTimeout(resting);
      feed.close();
      onLeave();
    },
  };
}
