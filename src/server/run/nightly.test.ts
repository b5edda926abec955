import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { backUp, backupName, tooOld, untilNext } from './nightly';

const minutes = (ms: number) => ms / 60_000;

describe('the next night', () => {
  test.each([
    ['02:00', '02:30', 30],
    ['02:30', '02:30', 24 * 60],
    ['23:00', '02:30', 3.5 * 60],
  ])('at %s until %s are so many minutes', (now, at, expected) =>
    expect(minutes(untilNext(new Date(`2026-02-10T${now}:00`), at))).toBe(expected),
  );
});

test('the latest so many stay, and whatever is none of ours', () => {
  const names = [1, 2, 3, 4].map((day) => backupName(new Date(`2026-02-0${day}T02:30:00Z`)));
  expect(tooOld([...names, 'letters.txt', 'x.east-gate-backup'], 2)).toEqual([names[1], names[0]]);
});

describe('a backup by itself', () => {
  const nightly = (script: string) => {
    const folder = mkdtempSync(join(tmpdir(), 'nightly-'));
    const lines: string[] = [];
    const told = join(folder, 'told.json');
    return {
      folder,
      lines,
      told,
      make: (day: number) =>
        backUp(
          {
            folder,
            keep: 2,
            write: [process.execPath, '-e', script],
            env: { ...process.env, NODE_OPTIONS: '' },
            line: (text) => lines.push(text),
            told,
          },
          new Date(Date.UTC(2026, 1, day, 2, 30)),
        ),
      names: () => readdirSync(folder).filter((name) => name.endsWith('backup')),
    };
  };

  test('is written and told; older ones leave', async () => {
    const { make, names, told } = nightly('require("fs").writeFileSync(process.argv.at(-1), "x")');
    for (const day of [1, 2, 3]) await make(day);
    expect(names()).toEqual(
      [2, 3].map((day) => backupName(new Date(Date.UTC(2026, 1, day, 2, 30)))),
    );
    expect(JSON.parse(readFileSync(told, 'utf8'))).toMatchObject({
      at: '2026-02-03T02:30:00.000Z',
    });
  });

  test('that fails is told with its words, and no older one leaves', async () => {
    const { make, names, folder, lines } = nightly('console.error("disk full"); process.exit(1)');
    for (const day of [4, 5, 6])
      writeFileSync(join(folder, backupName(new Date(Date.UTC(2026, 0, day)))), 'x');
    expect(await make(1)).toMatchObject({ file: undefined, fault: 'disk full' });
    expect(names()).toHaveLength(3);
    expect(lines).toEqual(['no backup: disk full']);
  });
});
