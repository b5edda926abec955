import { execFile } from 'node:child_process';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import { bench, testSettings } from '@/core/testing/bench';
import { packageOf, writePackage } from '../package-file';

jest.setTimeout(60_000);

let folder: string;
beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'east-gate-assess-'));
});
afterAll(() => rm(folder, { recursive: true }));

/** Runs bin/assess as a person does. */
function assess(...files: string[]): Promise<{ code: number; out: string; error: string }> {
  return new Promise((resolve) =>
    execFile(
      'bin/assess',
      files,
      { env: { ...process.env, NODE_OPTIONS: '' } },
      (failed, out, error) => resolve({ code: failed ? Number(failed.code) : 0, out, error }),
    ),
  );
}

describe('bin/assess', () => {
  test('prints findings, what was not seen, and coverage', async () => {
    const file = join(folder, 'house.zip');
    const stored = {
      id: 'one',
      settings: testSettings,
      authors: [],
      carried: [],
      entries: bench().lines('5 20 14cu:b m1 bedrooms', '7 20 2x12cu kitchen').book.entries,
    } as unknown as Parameters<typeof packageOf>[0];
    await writeFile(file, await writePackage(packageOf(stored, 'Test house')));
    const { code, out } = await assess(file);
    expect(code).toBe(0);
    const { findings, notSeen, coverage } = JSON.parse(out) as {
      findings: object[];
      notSeen: object[];
      coverage: object;
    };
    expect(findings).toContainEqual(
      expect.objectContaining({
        rule: 'breaker/overcurrent',
        outcome: 'found',
        where: { panel: 'Panel', place: 'Breaker 5', ref: expect.any(String) },
        grade: 'urgent',
        severity: 4,
        likelihood: 3,
        certainty: 'seen',
      }),
    );
    expect(notSeen).toContainEqual(
      expect.objectContaining({ rule: 'breaker/double-tap', likely: true, places: ['Breaker 7'] }),
    );
    expect(coverage).toMatchObject({ found: findings.length });
  });

  test.each([
    ['a file that is none', () => [join(folder, 'nothing.zip')], /nothing\.zip: ENOENT/],
    ['no file named', () => [], /usage: bin\/assess FILE/],
    [
      'a file that is no package',
      () => ['package.json'],
      /package\.json: package: expected a zip archive/,
    ],
  ])('%s: one line on stderr and exit 2', async (_, files, message) => {
    const { code, out, error } = await assess(...files());
    expect({ code, out }).toEqual({ code: 2, out: '' });
    expect(error.trim().split('\n')).toHaveLength(1);
    expect(error).toMatch(message);
  });
});
