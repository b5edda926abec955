import { execFile } from 'node:child_process';
import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import { planJsonSchema } from '@/core/advise/choosing/problem-schema';
import { testSettings } from '@/core/testing/bench';
import { packageOf, writePackage } from '../package-file';
import { doubledWithRoom } from '../../../tests/plans/panels';

jest.setTimeout(60_000);

let folder: string;
beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'east-gate-plan-'));
});
afterAll(() => rm(folder, { recursive: true }));

/** Runs bin/plan as a person does. */
function plan(...files: string[]): Promise<{ code: number; out: string; error: string }> {
  return new Promise((resolve) =>
    execFile(
      'bin/plan',
      files,
      { env: { ...process.env, NODE_OPTIONS: '' } },
      (failed, out, error) => resolve({ code: failed ? Number(failed.code) : 0, out, error }),
    ),
  );
}

const problem = {
  labourRatePerHour: 60,
  callOutFee: 90,
  room: { positions: 1 },
  findings: [
    {
      id: 'a',
      riskPoints: 300,
      mustMend: true,
      remedies: [
        { id: 'own', parts: 5, minutes: 20, uses: { positions: 1 } },
        { id: 'tail', parts: 1, minutes: 10, gradeLeft: 'Note', riskLeftPoints: 3 },
      ],
    },
  ],
  riskLimits: [0, 3],
};

describe('bin/plan', () => {
  test('an abstract problem gives its exact front', async () => {
    const file = join(folder, 'problem.json');
    await writeFile(file, JSON.stringify(problem));
    const { code, out } = await plan(file);
    expect(code).toBe(0);
    const way = (what: string) => [{ globalRemedies: [], byFinding: { a: what } }];
    expect(JSON.parse(out)).toEqual({
      front: [
        { cost: 101, riskLeft: 3, tied: 1, choices: way('tail') },
        { cost: 115, riskLeft: 0, tied: 1, choices: way('own') },
      ],
      byRiskLimit: [
        { riskLimit: 0, feasible: true, cost: 115, riskLeft: 0, choices: way('own') },
        { riskLimit: 3, feasible: true, cost: 101, riskLeft: 3, choices: way('tail') },
      ],
      missing: [],
    });
  });

  test('a package gives its named plans and front', async () => {
    const file = join(folder, 'house.zip');
    const stored = {
      id: 'one',
      settings: testSettings,
      authors: [],
      carried: [],
      entries: doubledWithRoom().entries,
    } as unknown as Parameters<typeof packageOf>[0];
    await writeFile(file, await writePackage(packageOf(stored, 'Test house')));
    const { code, out } = await plan(file);
    expect(code).toBe(0);
    const answer = JSON.parse(out) as {
      costBook: number;
      plans: { names: string[]; works: { remedy: string }[] }[];
      front: object[];
    };
    expect(answer.costBook).toBe(1);
    expect(
      answer.plans.map(({ names, works }) => [names, works.map(({ remedy }) => remedy)]),
    ).toEqual([
      [['least'], []],
      [['defects', 'lasting'], ['pigtail']],
    ]);
    expect(answer.front).toHaveLength(2);
  });

  test('no problem and no package: one line on stderr and exit 2', async () => {
    const file = join(folder, 'bad.json');
    await writeFile(file, '{"findings":3}');
    const { code, out, error } = await plan(file);
    expect({ code, out }).toEqual({ code: 2, out: '' });
    expect(error.trim().split('\n')).toHaveLength(1);
    expect(error).toMatch(/bad\.json: labourRatePerHour: /);
  });
});

test('the published form is the one the code reads by', async () => {
  expect(JSON.parse(await readFile('docs/plan.schema.json', 'utf8'))).toEqual(
    JSON.parse(JSON.stringify(planJsonSchema())),
  );
});
