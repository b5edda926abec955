import 'fake-indexeddb/auto';
import { describe, expect, jest, test } from '@jest/globals';
import type { Assessment } from '@/core';
import { assess, findingsTurningOn, follow, idsFrom } from '@/core';
import type { Permission } from '@/core/vocabulary/permission';
import { permissions } from '@/core/vocabulary/permission';
import { add, observe } from '@/core/fieldwork/recording/draft';
import { bench, testSettings } from '@/core/testing/bench';
import type { HeldDatabase } from '../outbox/held';
import { heldOf, hold, openHeld } from '../outbox/held';
import { LogbookStore } from './store';

let made = 0;

/** Two tabs of one device may hold one inspection. */
async function opened(
  name = `store-${(made += 1)}`,
  device = 'phone',
  prefix = 'new-',
  may: readonly Permission[] = permissions,
) {
  const db = await openHeld(name);
  const wake = jest.fn();
  const store = new LogbookStore(
    {
      inspection: 'one',
      organisation: 'org',
      member: 'ines',
      may,
      device,
      settings: testSettings,
      newId: idsFrom(prefix),
      now: () => '2026-04-20T10:00:00+01:00',
    },
    bench().lines('7 20 12cu kitchen').book.entries,
  );
  return { db, store, wake, name, open: () => store.open(db, wake) };
}

/** The disk, which refuses while it is full. */
const fillable = (db: HeldDatabase, state: { full: boolean }): HeldDatabase =>
  new Proxy(db, {
    get(target, name) {
      if (state.full && name === 'transaction')
        return () => {
          throw new Error('quota');
        };
      const value = Reflect.get(target, name) as unknown;
      return typeof value === 'function' ? (value.bind(target) as unknown) : value;
    },
  });

const rust = (store: LogbookStore) =>
  store.record(({ site }) => [observe(site.reader, 'panel', { remark: 'rust' })]);

describe('recording on this device', () => {
  test('before its store is open nothing is taken, and that is said', async () => {
    const { store } = await opened();
    expect(store.snapshot().ready).toBe(false);
    expect(await rust(store)).toBe('This device is not ready to hold entries yet.');
    expect(store.snapshot().held.waiting).toBe(0);
  });

  test('what is recorded is on the disk, shown, and the sender is woken', async () => {
    const { store, db, wake, open } = await opened();
    await open();
    wake.mockClear();
    const seen = jest.fn();
    store.subscribe(seen);
    expect(await rust(store)).toBeUndefined();
    expect((await heldOf(db, 'ines', 'one')).map(({ state }) => state)).toEqual(['waiting']);
    expect(store.snapshot().assessment.site.reader.value('panel', 'remark')).toBe('rust');
    expect(store.snapshot().held.waiting).toBe(1);
    expect(wake).toHaveBeenCalledTimes(1);
    expect(seen).toHaveBeenCalled();
  });

  test('what the member may not is said, and nothing is held', async () => {
    const reader = await opened(undefined, 'phone', 'new-', []);
    await reader.open();
    expect(await rust(reader.store)).toMatch(/may read in this office, not record/);
    const assistant = await opened(undefined, 'phone', 'new-', ['record']);
    await assistant.open();
    expect(await rust(assistant.store)).toBeUndefined();
    const overruled = await assistant.store.record(() => [
      add('ruling', 'r1', null, {
        finding: 'breaker/double-tap|d1',
        overruledTo: 'plan',
        overruleReason: 'x',
      }),
    ]);
    expect(overruled).toMatch(/may not overrule/);
    expect(assistant.store.snapshot().held.waiting).toBe(1);
    expect(reader.store.snapshot().held.waiting).toBe(0);
  });

  test('actions at once are written one after another, each on what the one before made', async () => {
    const { store, open } = await opened();
    await open();
    const said = await Promise.all([
      store.record(() => [add('knockout', 'k1', 'panel', {})]),
      store.record(({ site }) => [observe(site.reader, 'k1', { remark: 'open' })]),
      store.record(({ site }) => [observe(site.reader, 'k1', { remark: 'closed' })]),
    ]);
    expect(said).toEqual([undefined, undefined, undefined]);
    const counters = store.snapshot().entries.map(({ counter }) => counter);
    expect(new Set(counters).size).toBe(counters.length);
    expect(store.snapshot().assessment.site.reader.value('k1', 'remark')).toBe('closed');
  });

  test('an impossible one is refused in words, and nothing of it is kept', async () => {
    const { store, db, open } = await opened();
    await open();
    const before = store.snapshot().entries.length;
    expect(
      await store.record(() => [add('device', 'd9', 'panel', { form: 'nonsense' } as never)]),
    ).toBeTruthy();
    expect(await store.record(() => ({ message: 'no such place' }))).toBe('no such place');
    expect(await store.record(() => [])).toBeUndefined();
    expect(store.snapshot().entries).toHaveLength(before);
    expect(await heldOf(db, 'ines', 'one')).toEqual([]);
  });

  test('a store that cannot hold says so; the next one is tried again', async () => {
    const { store, db } = await opened();
    const state = { full: true };
    await store.open(fillable(db, state), () => undefined);
    expect(await rust(store)).toContain('could not hold the entry');
    state.full = false;
    expect(await rust(store)).toBeUndefined();
    expect(store.snapshot().entries.filter(({ id }) => id.startsWith('new-'))).toHaveLength(1);
  });
});

describe('undo', () => {
  test('is possible for what oneself did, and is an entry', async () => {
    const { store, open } = await opened();
    await open();
    await rust(store);
    const length = store.snapshot().entries.length;
    expect(store.snapshot().canUndo).toBe(true);
    await store.undo();
    expect(store.snapshot().entries).toHaveLength(length + 1);
    expect(store.snapshot().assessment.site.reader.value('panel', 'remark')).toBeUndefined();
    expect(store.snapshot().canRedo).toBe(true);
    await store.redo();
    expect(store.snapshot().assessment.site.reader.value('panel', 'remark')).toBe('rust');
  });
});

describe('two tabs', () => {
  test('what one wrote the other reads when it is told; nothing is there twice', async () => {
    const one = await opened(undefined, 'phone', 'a-');
    const other = await opened(one.name, 'phone', 'b-');
    await one.open();
    await other.open();
    await rust(one.store);
    expect(other.store.snapshot().assessment.site.reader.value('panel', 'remark')).toBeUndefined();
    await other.store.refresh();
    await other.store.refresh();
    expect(other.store.snapshot().assessment.site.reader.value('panel', 'remark')).toBe('rust');
    const ids = other.store.snapshot().entries.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
  });

  test('what the device held before it was opened is shown once it is', async () => {
    const first = await opened();
    await first.open();
    await rust(first.store);
    const again = await opened(first.name);
    expect(again.store.snapshot().assessment.site.reader.value('panel', 'remark')).toBeUndefined();
    await again.open();
    expect(again.store.snapshot()).toMatchObject({ ready: true, held: { waiting: 1 } });
    expect(again.store.snapshot().assessment.site.reader.value('panel', 'remark')).toBe('rust');
  });
});

test('the connection is told to whoever looks', async () => {
  const { store, open } = await opened();
  await open();
  const seen: string[] = [];
  const end = store.subscribe(() => seen.push(store.snapshot().connection));
  store.setSending('sending');
  end();
  store.setSending('idle');
  expect(seen).toEqual(['sending']);
});

describe('what is shown before the disk has it', () => {
  test('is said to be written, and sent only once it is', async () => {
    const { store, wake, open } = await opened();
    await open();
    wake.mockClear();
    const seen: [shown: boolean, writing: number, waiting: number, woken: number][] = [];
    store.subscribe(() => {
      const { assessment, writing, held } = store.snapshot();
      const shown = assessment.site.reader.value('panel', 'remark') === 'rust';
      seen.push([shown, writing, held.waiting, wake.mock.calls.length]);
    });
    await rust(store);
    expect(seen).toEqual([
      [true, 1, 0, 0],
      [true, 0, 1, 0],
    ]);
    expect(wake).toHaveBeenCalledTimes(1);
  });

  test('is taken back where the disk refuses it, and nothing else is', async () => {
    const { store, db, wake } = await opened();
    const state = { full: false };
    await store.open(fillable(db, state), wake);
    expect(await rust(store)).toBeUndefined();
    wake.mockClear();
    const before = store.snapshot();
    state.full = true;
    expect(
      await store.record(({ site }) => [observe(site.reader, 'panel', { melted: true })]),
    ).toMatch(/could not hold the entry.*Nothing was recorded/);
    const { assessment, entries, writing, held, canUndo } = store.snapshot();
    expect(assessment.site.reader.value('panel', 'melted')).toBeUndefined();
    expect(assessment.site.reader.value('panel', 'remark')).toBe('rust');
    expect(entries.map(({ id }) => id)).toEqual(before.entries.map(({ id }) => id));
    expect([writing, held.waiting, canUndo]).toEqual([0, 1, true]);
    expect(wake).not.toHaveBeenCalled();
  });
});

test('what the server shows otherwise since is shown so: a client who was forgotten', async () => {
  const { store, open } = await opened();
  await open();
  await rust(store);
  const before = store.judgedNow();
  store.join(before.entries.map((entry) => ({ ...entry })));
  expect(store.judgedNow()).toBe(before);
  const marked = before.entries.map((entry) =>
    entry.kind === 'observe' && entry.facts.remark
      ? { ...entry, facts: { remark: '[removed on request]' } }
      : entry,
  );
  store.join(marked);
  expect(store.snapshot().assessment.site.reader.value('panel', 'remark')).toBe(
    '[removed on request]',
  );
  expect(store.snapshot().entries).toHaveLength(before.entries.length);
});

describe('what stood here at opening', () => {
  const openSlot = bench().lines('24 open!').book.entries;
  const frame = {
    inspection: 'one',
    organisation: 'org',
    member: 'ines',
    may: permissions,
    device: 'phone',
    settings: testSettings,
    newId: idsFrom('stood-'),
    now: () => '2026-04-20T10:00:00+01:00',
  };
  const dangers = ({ assessment }: { assessment: Assessment }) =>
    assessment.findings.filter(({ grade }) => grade === 'danger').map(({ key }) => key);

  test('a danger this device held when it was opened is no new one; one that comes later is', async () => {
    const db = await openHeld(`store-${(made += 1)}`);
    await hold(
      db,
      openSlot.map((entry) => ({
        member: 'ines',
        organisation: 'org',
        inspection: 'one',
        id: entry.id,
        entry,
        state: 'waiting' as const,
      })),
    );
    const heldAlone = new LogbookStore(frame, [], { assess, findingsTurningOn, follow });
    await heldAlone.open(db, () => undefined);
    expect(dangers(heldAlone.judgedNow())).toHaveLength(1);
    expect([...heldAlone.judgedNow().dangersWhenOpened!]).toEqual(dangers(heldAlone.judgedNow()));

    const cameLater = new LogbookStore(frame, [], { assess, findingsTurningOn, follow });
    await cameLater.open(await openHeld(`store-${(made += 1)}`), () => undefined);
    cameLater.join(openSlot);
    expect(dangers(cameLater.judgedNow())).toHaveLength(1);
    expect([...cameLater.judgedNow().dangersWhenOpened!]).toEqual([]);
  });

  test('what came already is not joined twice', async () => {
    const store = new LogbookStore(frame, openSlot, { assess, findingsTurningOn, follow });
    const before = store.judgedNow();
    store.join([...openSlot]);
    expect(store.judgedNow()).toBe(before);
  });
});
