import 'fake-indexeddb/auto';
import { describe, expect, test } from '@jest/globals';
import type { Kept } from './kept';
import { openDB } from 'idb';
import { allKeptFor, forget, keep, keptFor, keptPictureFor, openKept, pin, pinsOf } from './kept';
import { inspectionAt, leaving, mostKept, picturesLeaving } from './leaving';
import { isNearlyFull, isRoomFor } from './room';
import { filesIn } from './take-pictures';
import { wantedAlong } from './take-along';

const kept = (path: string, more: Partial<Kept> = {}): Kept => ({
  member: 'ines',
  path,
  sent: {},
  at: '2026-04-14T09:00:00+01:00',
  opened: '2026-04-14T09:00:00+01:00',
  ...more,
});

describe('what the server sent, on this device', () => {
  test('is given to the member it was sent to, and to nobody else', async () => {
    const db = await openKept('kept-1');
    await keep(db, kept('/api/books/one', { sent: { place: 'Weir cottage' } }));
    expect((await keptFor(db, 'ines', '/api/books/one'))?.sent).toEqual({ place: 'Weir cottage' });
    expect(await keptFor(db, 'bram', '/api/books/one')).toBeUndefined();
    expect(await allKeptFor(db, 'bram')).toEqual([]);
  });

  test('is cleared away for one member alone', async () => {
    const db = await openKept('kept-2');
    await keep(db, kept('/api/books/one'));
    await keep(db, kept('/api/today'));
    await keep(db, kept('/api/books/one', { member: 'bram' }));
    for (const member of ['ines', 'bram']) {
      await db.put('pictures', {
        member,
        digest: 'd1',
        blob: new Blob(['x']),
        inspections: ['one'],
      });
      await pin(db, member, 'one', true);
    }
    await forget(db, 'ines');
    expect(await allKeptFor(db, 'ines')).toEqual([]);
    expect(await allKeptFor(db, 'bram')).toHaveLength(1);
    expect(await keptPictureFor(db, 'ines', 'd1')).toBeUndefined();
    expect(await keptPictureFor(db, 'bram', 'd1')).toBeDefined();
    expect([...(await pinsOf(db, 'ines')), ...(await pinsOf(db, 'bram'))]).toEqual(['one']);
    await pin(db, 'bram', 'one', false);
    expect(await pinsOf(db, 'bram')).toEqual(new Set());
  });

  test('kept by the version before is still there', async () => {
    const old = await openDB('kept-from-1', 1, {
      upgrade(db) {
        const answers = db.createObjectStore('answers', { keyPath: ['member', 'path'] });
        answers.createIndex('by-member', 'member');
      },
    });
    await old.put('answers', kept('/api/books/one', { sent: { place: 'Weir cottage' } }));
    old.close();
    const db = await openKept('kept-from-1');
    expect((await keptFor(db, 'ines', '/api/books/one'))?.sent).toEqual({ place: 'Weir cottage' });
    expect(await pinsOf(db, 'ines')).toEqual(new Set());
    db.close();
  });
});

describe('what leaves by itself', () => {
  const at = (minute: number) =>
    `2026-04-14T${String(9 + Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}:00+01:00`;
  const books = Array.from({ length: mostKept + 2 }, (_, n) =>
    kept(`/api/books/i${n}`, { opened: at(n) }),
  );

  test('nothing, as long as there is room', () => {
    expect(
      leaving([...books.slice(0, mostKept), kept('/api/today'), kept('/api/library')]),
    ).toEqual([]);
  });

  test('of more, those not opened for longest, with the report issued before', () => {
    const returns = kept('/api/returns/i0', { opened: at(0) });
    const all = [...books, returns, kept('/api/library', { opened: at(0) })];
    expect(leaving(all).map(({ path }) => path)).toEqual([
      '/api/books/i0',
      '/api/books/i1',
      '/api/returns/i0',
    ]);
  });

  test('one whose report was looked at lately stays', () => {
    const returns = kept('/api/returns/i0', { opened: at(500) });
    expect(leaving([...books, returns]).map(({ path }) => path)).toEqual([
      '/api/books/i1',
      '/api/books/i2',
    ]);
  });

  test('never one that is pinned or has entries that have not arrived; others leave in its place', () => {
    const staying = new Set(['i0', 'begun-here']);
    expect(leaving(books, staying).map(({ path }) => path)).toEqual([
      '/api/books/i1',
      '/api/books/i2',
    ]);
    const allStay = new Set(books.map(({ path }) => inspectionAt(path)!));
    expect(leaving(books, allStay)).toEqual([]);
  });

  test('a picture, with the last inspection it is of', () => {
    const pictures = [
      { member: 'ines', digest: 'both', inspections: ['a', 'b'] },
      { member: 'ines', digest: 'one', inspections: ['b'] },
    ];
    const gone = (...here: string[]) =>
      picturesLeaving(pictures, new Set(here)).map(({ digest }) => digest);
    expect([gone('a', 'b'), gone('a'), gone()]).toEqual([[], ['one'], ['both', 'one']]);
  });

  test('a list that was searched for', () => {
    expect(
      leaving([kept('/api/today?q=weir'), kept('/api/today')]).map(({ path }) => path),
    ).toEqual(['/api/today?q=weir']);
  });
});

describe('what is taken along', () => {
  const listed = (id: string, stage: 'draft' | 'issued' | 'closed' = 'draft', entries = 3) => ({
    id,
    stage,
    entries,
  });
  const copy = (id: string, entries: number) =>
    kept(`/api/books/${id}`, { sent: { opened: { entries: Array<object>(entries).fill({}) } } });

  test('the office’s settings, and each inspection once; of what was issued the report too', () => {
    expect(wantedAlong([listed('a'), listed('b', 'issued'), listed('a')], [])).toEqual([
      '/api/library',
      '/api/books/a',
      '/api/books/b',
      '/api/returns/b',
    ]);
  });

  test('not what is here as new as it is there', () => {
    const here = [copy('a', 3), copy('b', 2), kept('/api/returns/b')];
    expect(wantedAlong([listed('a'), listed('b', 'issued')], here)).toEqual([
      '/api/library',
      '/api/books/b',
      '/api/returns/b',
    ]);
  });

  test('the last twenty, and whatever is still worked on', () => {
    const many = Array.from({ length: 22 }, (_, n) => listed(`c${n}`, 'closed'));
    const paths = wantedAlong([...many, listed('old-draft')], []);
    expect(paths).toContain('/api/books/c19');
    expect(paths).not.toContain('/api/books/c20');
    expect(paths).toContain('/api/books/old-draft');
  });

  test('what is pinned, listed or not', () => {
    const many = Array.from({ length: 22 }, (_, n) => listed(`c${n}`, 'closed'));
    const paths = wantedAlong(many, [copy('c21', 3)], new Set(['c20', 'c21', 'far']));
    expect(paths).toContain('/api/books/c20');
    expect(paths).not.toContain('/api/books/c21');
    expect(paths).toContain('/api/returns/c21');
    expect(paths).toContain('/api/books/far');
  });

  test('the photos and spoken notes its entries speak of, each once', () => {
    const [one, other, said] = ['a', 'b', 'c'].map((letter) => letter.repeat(64)) as [
      string,
      string,
      string,
    ];
    const photo = (digest: unknown) => ({ kind: 'add', type: 'photo', facts: { digest } });
    const strange = [photo('../x'), photo(7), null, { facts: null }, {}];
    const note = { kind: 'add', type: 'note', facts: { recording: said } };
    expect(filesIn([photo(one), photo(other), photo(one), note, ...strange])).toEqual([
      { digest: one, path: `/pictures/${one}?screen` },
      { digest: other, path: `/pictures/${other}?screen` },
      { digest: said, path: `/sounds/${said}` },
    ]);
  });

  test('as long as there is room for what is recorded', () => {
    const room = (used: number) => ({ used, all: 1000, persistent: true });
    expect([isRoomFor(room(700), 100), isRoomFor(room(701), 100)]).toEqual([true, false]);
    expect([isNearlyFull(room(800)), isNearlyFull(room(801))]).toEqual([false, true]);
    // A browser that does not say: it is tried.
    expect([isRoomFor(undefined, 1e12), isNearlyFull(undefined)]).toEqual([true, false]);
  });
});
