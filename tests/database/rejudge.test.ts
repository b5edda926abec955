import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import { startingSettings } from '@/core';
import { add, stamp } from '@/core/fieldwork/recording/draft';
import type { Entry } from '@/core/record/entries/entry';
import { seededInspection } from '@/core/testing/seeded-inspection';
import { permissions } from '@/core/vocabulary/permission';
import type { CodeDigests } from '@/server/code-digests';
import { bookOf, codeDigests } from '@/server/code-digests';
import { deliverEntries } from '@/server/commands/deliver-entries';
import { figuresOf } from '@/server/commands/figures';
import { forgetClient } from '@/server/commands/keeping';
import { closePool, inOrganisation } from '@/server/db/connect';
import { manyStanding, manyToJudge } from '@/server/db/judged';
import { seedOrganisations } from '@/server/db/seed';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { netLoft } from '@/server/demo/net-loft';
import { judgeBehind, rejudge } from '@/server/jobs/rejudge';
import { rejudgeBatch } from '@/server/jobs/rejudge-batch';
import type { Session } from '@/server/session';

jest.setTimeout(120_000);

const mark = randomUUID().slice(0, 8);
const organisation = randomUUID();
const member = `m-${mark}`;
const settings = startingSettings(`Office ${mark}`);
const session: Session = {
  organisation,
  organisationName: `Office ${mark}`,
  member,
  name: 'Ines Marrable',
  licence: '',
  may: permissions,
};

/** Entries as this member would have made them here. */
const mine = (entries: readonly Entry[], of: string): Entry[] =>
  entries.map((entry) => ({
    ...entry,
    id: `${entry.id}-${of}-${mark}`,
    author: member,
    ...(entry.kind === 'observe' && {
      replaces: entry.replaces.map((id) => `${id}-${of}-${mark}`),
    }),
  }));
const made: Record<string, Entry[]> = {
  lock: mine(lockKeepersHouse('x').entries, 'lock'),
  loft: mine(netLoft('x').entries, 'loft'),
  ...Object.fromEntries(
    [3, 11, 27, 40].map((seed) => [`seed-${seed}`, mine(seededInspection(seed), `s${seed}`)]),
  ),
};
const names = Object.keys(made).sort();

interface Row {
  inspection_id: string;
  findings: Record<string, number>;
  seen_share: number;
  danger_open: number;
  acts_made: number;
  words: string;
  kept: string | null;
  kept_by: string | null;
  answers: string | null;
  judged_by: string;
  updated_at: Date;
}
const rows = () =>
  inOrganisation(organisation, async (tx) => {
    const read = await tx.query<Row>(
      `select inspection_id, findings, seen_share, danger_open, acts_made, words, kept, kept_by, answers, judged_by, updated_at
       from inspection_states order by inspection_id collate "C"`,
    );
    return read.rows;
  });
const edit = (text: string, values: unknown[] = []) =>
  inOrganisation(organisation, (tx) => tx.query(text, values));

/** Judges all of it again by code of these digests; what came of each inspection. */
async function again(digests: CodeDigests): Promise<Record<string, 'stands' | 'judged' | 'fault'>> {
  const outcomes: Record<string, 'stands' | 'judged' | 'fault'> = {};
  for await (const results of rejudge(organisation, { digests, batch: 4 }))
    for (const { id, figures, fault } of results)
      outcomes[id] = fault ? 'fault' : figures ? 'judged' : 'stands';
  return outcomes;
}
const all = (outcome: string) => Object.fromEntries(names.map((name) => [name, outcome]));
const rulesBut = (digests: CodeDigests, ...changed: string[]): CodeDigests => ({
  ...digests,
  rules: {
    ...digests.rules,
    ...Object.fromEntries(changed.map((rule) => [rule, `${digests.rules[rule]!.slice(2)}xx`])),
  },
});

let built: CodeDigests;
beforeAll(async () => {
  built = codeDigests()!;
  await seedOrganisations(process.env.DATABASE_OWNER_URL!, [
    {
      id: organisation,
      name: session.organisationName,
      settings,
      members: [
        {
          id: member,
          name: 'Ines',
          email: `${mark}@office.example`,
          licence: '',
          passwordHash: 'x',
        },
      ],
    },
  ]);
  for (const [inspection, entries] of Object.entries(made))
    for (let at = 0; at < entries.length; at += 500)
      await deliverEntries(session, { inspection, entries: entries.slice(at, at + 500) });
  await judgeBehind(organisation);
});
afterAll(closePool);

describe('judging again what was judged by other rules', () => {
  test('what was delivered is of the rules that run: nothing is to be done', async () => {
    expect((await rows()).every(({ judged_by }) => judged_by === bookOf(built))).toBe(true);
    expect(await again(built)).toEqual({});
  });

  test('of an older book all is judged, written as it follows from its entries, and kept', async () => {
    const before = await rows();
    await edit(`update inspection_states set judged_by = 'older', findings = '{}', seen_share = 0`);
    expect(await again(built)).toEqual(all('judged'));
    const after = await rows();
    for (const [
      index,
      { inspection_id: id, kept, kept_by, updated_at, ...row },
    ] of after.entries()) {
      const figures = figuresOf(made[id]!, settings);
      expect(row.findings).toEqual(figures.findings);
      expect(row.seen_share).toBeCloseTo(figures.seen_share, 5);
      expect(row).toMatchObject({
        danger_open: figures.danger_open,
        acts_made: figures.acts_made,
        words: figures.words.join(' '),
        judged_by: bookOf(built),
      });
      expect(kept_by).toBe(built.reader);
      expect(kept).not.toBeNull();
      // Nobody touched it: it stays where it is in the list.
      expect(updated_at).toEqual(before[index]!.updated_at);
    }
  });

  test('by what grades otherwise the same follows from what was kept', async () => {
    const before = await rows();
    await edit(`update inspection_states set findings = '{}'`);
    expect(await again({ ...built, grading: 'other' })).toEqual(all('judged'));
    for (const [index, row] of (await rows()).entries()) {
      expect(row.findings).toEqual(before[index]!.findings);
      expect(row.kept).toBe(before[index]!.kept);
      expect(row.answers).toBe(before[index]!.answers);
    }
    expect(await again(built)).toEqual(all('judged'));
  });

  test.each([
    ['one changed rule, found in some of them', ['breaker/double-tap']],
    ['every rule changed', undefined],
  ])('%s: while it answers alike all stands, and nothing is written over', async (_, rules) => {
    const changed = rulesBut(built, ...(rules ?? Object.keys(built.rules)));
    await edit(`update inspection_states set place = 'as it was'`);
    const before = await rows();
    expect(before.some(({ words }) => words.includes('conductors under'))).toBe(true);
    expect(await again(changed)).toEqual(all('stands'));
    for (const [index, row] of (await rows()).entries())
      expect({ ...row, judged_by: '' }).toEqual({ ...before[index]!, judged_by: '' });
    expect((await rows()).every(({ judged_by }) => judged_by === bookOf(changed))).toBe(true);
    expect(await again(built)).toEqual(all('stands'));
  });

  test('where it answers otherwise than it did, all of that inspection is judged', async () => {
    const [first] = await rows();
    const answers = first!.answers!.split(';');
    const at = answers.findIndex((said) => !said.includes('!'));
    const unknown = Object.keys(built.rules)[at]!;
    answers[at] = '7,0 ';
    await edit('update inspection_states set answers = $1 where inspection_id = $2', [
      answers.join(';'),
      first!.inspection_id,
    ]);
    const outcomes = await again(rulesBut(built, unknown));
    expect(outcomes[first!.inspection_id]).toBe('judged');
    await again(built);
    expect((await rows())[0]!.answers).toBe(first!.answers);
  });

  test('a new entry forgets what was kept, and a reader of other code reads the entries again', async () => {
    const entries = made.loft!;
    const counter = Math.max(...entries.map((entry) => entry.counter));
    const [more] = stamp(
      [
        add('note', `late-${mark}`, entries[0]!.kind === 'add' ? entries[0]!.thing : '', {
          name: 'x',
        }),
      ],
      {
        newId: randomUUID,
        device: 'phone',
        author: member,
        at: '2026-04-14T10:00:00+01:00',
        counter,
      },
    );
    await deliverEntries(session, { inspection: 'loft', entries: [more] });
    made.loft = [...entries, more!];
    const one = (await rows()).find(({ inspection_id }) => inspection_id === 'loft')!;
    expect([one.kept, one.kept_by, one.answers]).toEqual([null, null, null]);
    const reader = { ...built, reader: 'other' };
    expect(await again(reader)).toEqual(all('judged'));
    expect((await rows()).every(({ kept_by }) => kept_by === 'other')).toBe(true);
    expect(await again(built)).toEqual(all('judged'));
  });

  test('nothing of a client who was forgotten comes back with it', async () => {
    const client = 'Orla Crumb';
    await deliverEntries(session, {
      inspection: 'lock',
      entries: stamp(
        [{ kind: 'observe', about: 'site', facts: { client }, certainty: 'told', replaces: [] }],
        {
          newId: randomUUID,
          device: 'phone',
          author: member,
          at: '2026-04-14T10:00:00+01:00',
          counter: 100_000,
        },
      ),
    });
    await again({ ...built, grading: 'other' });
    await forgetClient(session, { inspection: 'lock' });
    expect((await rows()).find(({ inspection_id }) => inspection_id === 'lock')!.kept).toBeNull();
    await again({ ...built, grading: 'yet another' });
    const row = (await rows()).find(({ inspection_id }) => inspection_id === 'lock')!;
    expect(row.kept).not.toBeNull();
    expect(`${row.kept} ${row.words}`).not.toContain(client);
  });

  test('what is written to meanwhile is not written over', async () => {
    const book = 'a book to come';
    const read = () =>
      inOrganisation(organisation, (tx) =>
        manyToJudge(tx, { after: '', most: 50, book, reader: built.reader }),
      );
    const before = await read();
    await edit(`update inspection_states set place = place where inspection_id = 'loft'`);
    const written = await inOrganisation(organisation, (tx) => manyStanding(tx, book, before));
    expect(written.map(({ id }) => id).sort()).toEqual(names.filter((name) => name !== 'loft'));
    expect((await read()).map(({ id }) => id)).toEqual(['loft']);
  });
});

describe('one that cannot be read', () => {
  const row = (id: string, over: object = {}) => ({
    id,
    settings: JSON.stringify(settings),
    count: 1,
    as_of: null,
    entries: JSON.stringify(made.loft),
    kept: null,
    answers: null,
    judged_by: null,
    words: '',
    erased: false,
    number: null,
    version: '1',
    ...over,
  });
  test('says why, and holds up no other', () => {
    const results = rejudgeBatch(
      [
        row('torn', { entries: '[{' }),
        row('wrong', { entries: JSON.stringify([{ ...made.loft![0], counter: -1 }]) }),
        row('unset', { settings: '{}' }),
        row('kept wrong', { entries: null, kept: '{' }),
        row('good'),
      ],
      { now: built, before: new Map() },
    );
    expect(results.map(({ id, fault }) => [id, fault !== undefined])).toEqual([
      ['torn', true],
      ['wrong', true],
      ['unset', true],
      ['kept wrong', true],
      ['good', false],
    ]);
    expect(results[1]!.fault).toContain('entries.0.counter');
  });
});
