import { setTimeout as wait } from 'node:timers/promises';
import { afterEach, describe, expect, test } from '@jest/globals';
import type { PartState } from './supervisor';
import { Supervisor } from './supervisor';

const part = (name: string, script: string) => ({
  name,
  command: process.execPath,
  args: ['-e', script],
  env: { NODE_OPTIONS: '' },
});
const steady = 'console.log("up"); setInterval(() => {}, 1000)';
let running: Supervisor | undefined;
afterEach(() => running?.stop(500));

function keep(...parts: ReturnType<typeof part>[]) {
  const lines: string[] = [];
  const told: PartState[][] = [];
  running = new Supervisor(parts, {
    line: (name, text) => lines.push(`${name}: ${text}`),
    changed: (states) => told.push([...states]),
  });
  running.start();
  const until = async (holds: () => boolean) => {
    for (let tries = 0; tries < 400 && !holds(); tries += 1) await wait(20);
    expect(holds()).toBe(true);
  };
  return {
    lines,
    told,
    until,
    stateOf: (name: string) => running!.states.find((one) => one.name === name)!,
  };
}

describe('what is kept running', () => {
  test('one killed is begun again and tells so; the other is not touched', async () => {
    const { lines, told, until, stateOf } = keep(part('a', steady), part('b', steady));
    await until(() => lines.length === 2);
    const [first, other] = [stateOf('a').pid!, stateOf('b').pid!];
    process.kill(first, 'SIGKILL');
    await until(() => stateOf('a').state === 'running' && stateOf('a').pid !== first);
    expect(stateOf('b')).toMatchObject({ state: 'running', pid: other, again: 0 });
    expect(stateOf('a')).toMatchObject({ again: 1, lastEnd: 'SIGKILL' });
    expect(told.flat().some(({ name, state }) => name === 'a' && state === 'waiting')).toBe(true);
    expect(lines).toContain('a: ended (SIGKILL); begun again in 250 ms');
  });

  test('one that cannot start is tried ever less often, and is not given up', async () => {
    const { lines, until } = keep(part('a', 'process.exit(3)'));
    await until(() => lines.filter((line) => line.includes('ended (code 3)')).length >= 3);
    expect(lines.slice(0, 3)).toEqual([
      'a: ended (code 3); begun again in 250 ms',
      'a: ended (code 3); begun again in 500 ms',
      'a: ended (code 3); begun again in 1000 ms',
    ]);
  });

  test('a program that is not there is told, and does not end the rest', async () => {
    const { until, stateOf } = keep(
      { name: 'a', command: '/no/such/program', args: [], env: { NODE_OPTIONS: '' } },
      part('b', steady),
    );
    await until(
      () => /ENOENT/.test(stateOf('a').lastEnd ?? '') && stateOf('b').state === 'running',
    );
  });

  test('ended together: nothing is begun again', async () => {
    const { lines, until } = keep(
      part('a', steady),
      part('b', 'process.on("SIGTERM", () => {}); ' + steady),
    );
    await until(() => lines.length === 2);
    const pids = running!.states.map(({ pid }) => pid!);
    await running!.stop(300);
    await wait(600);
    for (const pid of pids) expect(() => process.kill(pid, 0)).toThrow();
    expect(running!.states.map(({ state }) => state)).toEqual(['ended', 'ended']);
  });
});
