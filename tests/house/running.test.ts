import { execFileSync } from 'node:child_process';
import { accessSync, constants, readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { postings } from '@/server/web/posting';
import { runningBlocks } from '../running';

/** The blocks are run by the journey of an office; what they say besides is held here. */
const blocks = runningBlocks();
const bash = Object.entries(blocks).filter(([, { language }]) => language === 'bash');

describe('docs/running.md', () => {
  test('has the blocks an office needs', () =>
    expect(Object.keys(blocks).sort()).toEqual([
      'backup',
      'health',
      'move',
      'proxy',
      'restore',
      'start',
      'systemd',
      'upgrade',
    ]));

  test.each(bash)(
    'block %s is read by the shell, and starts programs that are there',
    (_, { text }) => {
      execFileSync('bash', ['-n', '-c', text]);
      for (const [program] of text.matchAll(/\bbin\/[a-z-]+/g)) accessSync(program, constants.X_OK);
    },
  );

  test('names every setting that is read, and no other', () => {
    const sources = ['src/server/run/environment.ts', 'src/server/letters/settings.ts'].map(
      (file) => readFileSync(file, 'utf8'),
    );
    const read = new Set(
      sources.flatMap((text) =>
        [...text.matchAll(/^ {2}([A-Z_]+): v\./gm)].map(([, name]) => name!),
      ),
    );
    const table = readFileSync('docs/running.md', 'utf8')
      .split('\n')
      .filter((line) => line.startsWith('| `'))
      .flatMap((line) =>
        [...line.split('|')[1]!.matchAll(/`([A-Z_]+)`/g)].map(([, name]) => name!),
      );
    for (const beside of ['DATABASE_OWNER_URL', 'DATABASE_BACKUP_URL', 'EAST_GATE_DATA'])
      read.add(beside);
    expect([...table].sort()).toEqual([...read].sort());
  });

  test('the unit starts what is there, and gives it time to end', () => {
    const { text } = blocks.systemd!;
    const value = (key: string) => new RegExp(`^${key}=(.+)$`, 'm').exec(text)![1]!;
    const folder = value('WorkingDirectory');
    accessSync(value('ExecStart').replace(`${folder}/`, ''), constants.X_OK);
    expect(Number(value('TimeoutStopSec'))).toBeGreaterThan(10);
    for (const line of text.split('\n').filter(Boolean))
      expect(line).toMatch(/^(\[(Unit|Service|Install)\]|[A-Z][A-Za-z]+=.+)$/);
  });

  test('the proxy takes the largest package, and waits longer than any request may take', () => {
    const { text } = blocks.proxy!;
    const most = Math.max(...Object.values(postings).map(({ mostBytes }) => mostBytes));
    expect(/client_max_body_size (\d+)m;/.exec(text)![1]).toBe(String(most / 1024 / 1024));
    expect(Number(/proxy_read_timeout (\d+)s;/.exec(text)![1])).toBeGreaterThan(120);
    expect(text).toContain('X-Forwarded-For $proxy_add_x_forwarded_for');
    expect((text.match(/{/g) ?? []).length).toBe((text.match(/}/g) ?? []).length);
  });
});
