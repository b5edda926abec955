import { describe, expect, test } from '@jest/globals';
import type { Entry } from '@/core/record/entries/entry';
import type { AskedLive, Ears, Hearing } from './feed';
import { Feed, feedTiming } from './feed';

const entry = (nth: number): Entry => ({
  v: 1,
  id: `e${nth}`,
  counter: nth,
  device: 'phone',
  author: 'bram',
  at: '2026-04-14T10:00:00+01:00',
  action: `a${nth}`,
  kind: 'observe',
  about: 'panel',
  facts: { remark: `number ${nth}` },
  certainty: 'seen',
  replaces: [],
});
const news = (from: number, arrived: number, more: object = {}) => ({
  from,
  arrived,
  entries: Array.from({ length: arrived - from }, (_, nth) => entry(from + nth + 1)),
  authors: [],
  ...more,
});

/** A feed whose line and clock are in the hands of the test. */
function onLine(arrived = 0, answers: AskedLive[] = []) {
  const streams: { after: number; ears: Ears; ended: boolean }[] = [];
  const asked: number[] = [];
  let waiting: { ms: number; work: () => void }[] = [];
  const heard: string[] = [];
  const hearing: Hearing[] = [];
  const again = { times: 0 };
  const feed = new Feed({
    arrived,
    line: {
      listen: (after, ears) => {
        const stream = { after, ears, ended: false };
        streams.push(stream);
        return () => void (stream.ended = true);
      },
      ask: async (after) => {
        asked.push(after);
        return answers.shift() ?? { kind: 'unreachable' };
      },
    },
    onNews: ({ entries }) => heard.push(...entries.map(({ id }) => id)),
    onHere: () => undefined,
    onHearing: (now) => hearing.push(now),
    onAgain: () => void (again.times += 1),
    after: (ms, work) => {
      const one = { ms, work };
      waiting.push(one);
      return () => void (waiting = waiting.filter((other) => other !== one));
    },
  });
  feed.wake();
  return {
    feed,
    streams,
    asked,
    heard,
    hearing,
    again,
    answers,
    last: () => streams.at(-1)!.ears,
    pauses: () => waiting.map(({ ms }) => ms),
    /** What waits for the clock happens, and what follows from it. */
    async pass(): Promise<void> {
      const due = waiting;
      waiting = [];
      for (const { work } of due) work();
      await new Promise((resolve) => setTimeout(resolve));
    },
    async lose(): Promise<void> {
      streams.at(-1)!.ears.onLost();
      await new Promise((resolve) => setTimeout(resolve));
    },
  };
}
const told = (raw: unknown): AskedLive => ({ kind: 'told', news: raw, here: [] });
const moment = () => new Promise((resolve) => setTimeout(resolve));

describe('what comes on a stream', () => {
  test('is passed on once and in order, whatever comes twice or late', () => {
    const { last, heard } = onLine();
    last().onOpen();
    last().onNews(news(0, 2));
    last().onNews(news(0, 2));
    last().onNews(news(2, 3));
    last().onNews(news(1, 2));
    expect(heard).toEqual(['e1', 'e2', 'e3']);
  });

  test('with a gap: what lies in it is asked for', async () => {
    const { last, heard, asked, answers } = onLine();
    answers.push(told(news(0, 5)));
    last().onOpen();
    last().onNews(news(3, 5));
    await moment();
    expect([asked, heard]).toEqual([[0], ['e1', 'e2', 'e3', 'e4', 'e5']]);
  });

  test('from a stream that was left is not heard', async () => {
    const { streams, last, heard, lose, pass } = onLine();
    last().onOpen();
    const [first] = streams;
    await lose();
    await pass();
    first!.ears.onNews(news(0, 1));
    first!.ears.onLost();
    expect([heard, streams.length]).toEqual([[], 2]);
  });

  test.each([
    ['is not as it was', news(1, 1, { again: true })],
    ['cannot be read here', { ...news(1, 2), entries: [{ v: 9 }] }],
  ])('that the record %s: the whole is asked for anew', (_, raw) => {
    const { last, again, heard } = onLine(1);
    last().onOpen();
    last().onNews(raw);
    expect([again.times, heard]).toEqual([1, []]);
  });
});

describe('a line that does not hold', () => {
  test('a stream that broke is opened again from where it had come to', async () => {
    const { streams, last, lose, pass, answers, heard, hearing } = onLine();
    last().onOpen();
    last().onNews(news(0, 2));
    answers.push(told(news(2, 3)));
    await lose();
    expect(heard).toEqual(['e1', 'e2', 'e3']);
    await pass();
    expect(streams.map(({ after, ended }) => [after, ended])).toEqual([
      [0, true],
      [3, false],
    ]);
    last().onOpen();
    expect(hearing).toEqual(['live', 'deaf', 'asking', 'live']);
  });

  test('a server that is not reached is tried again after a growing pause, and at once when woken', async () => {
    const { lose, pauses, pass, streams, feed } = onLine();
    const waited: number[] = [];
    for (let nth = 0; nth < 8; nth += 1) {
      await lose();
      waited.push(...pauses());
      await pass();
    }
    expect(waited).toEqual([300, 600, 1200, 2400, 4800, 9600, 10_000, 10_000]);
    await lose();
    const before = streams.length;
    feed.wake();
    expect(streams).toHaveLength(before + 1);
  });

  test('streams that do not come through where the server answers: it is asked now and then, then tried again', async () => {
    const { pass, pauses, streams, asked, answers, heard, hearing } = onLine();
    answers.push(...Array.from({ length: 30 }, () => told(news(0, 0))));
    answers[4] = told(news(0, 1));
    expect(pauses()).toEqual([feedTiming.patience]);
    await pass();
    await pass();
    await pass();
    expect([streams.length, pauses()]).toEqual([2, [feedTiming.ask]]);
    for (let nth = 0; nth < 19; nth += 1) await pass();
    expect(asked.length).toBeGreaterThan(20);
    expect([heard, hearing]).toEqual([['e1'], ['asking']]);
    await pass();
    expect(streams).toHaveLength(3);
  });

  test('signed out: the whole is asked for anew, and nothing more is asked', async () => {
    const { lose, again, pauses, answers, feed, streams } = onLine();
    answers.push({ kind: 'refused' });
    await lose();
    feed.wake();
    expect([again.times, pauses(), streams.length]).toEqual([1, [], 1]);
  });

  test('at rest nothing is listened to, until it is woken', async () => {
    const { feed, streams, hearing, pauses } = onLine();
    streams[0]!.ears.onOpen();
    feed.rest();
    expect([streams[0]!.ended, pauses(), hearing]).toEqual([true, [], ['live', 'deaf']]);
    feed.wake();
    expect(streams).toHaveLength(2);
  });
});
