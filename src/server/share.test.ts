import { expect, test } from '@jest/globals';
import { Busy, isBusy, shares, sharesOf } from './share';

test('no more of one office at once than its share; another does not wait; too many are not taken', async () => {
  const inShare = shares(2, 3);
  let running = 0;
  let most = 0;
  const open: (() => void)[] = [];
  const work = () =>
    new Promise<void>((resolve) => {
      running += 1;
      most = Math.max(most, running);
      open.push(() => {
        running -= 1;
        resolve();
      });
    });
  const greedy = Array.from({ length: 5 }, () => inShare('greedy', work));
  await expect(inShare('greedy', work)).rejects.toThrow(Busy);
  await expect(inShare('modest', () => Promise.resolve('at once'))).resolves.toBe('at once');
  expect(most).toBe(2);
  while (running > 0) {
    open.shift()!();
    await new Promise((resolve) => setTimeout(resolve, 1));
  }
  await Promise.all(greedy);
  expect(most).toBe(2);
  await expect(inShare('greedy', () => Promise.resolve(1))).resolves.toBe(1);
});

test('what fails fails for its own asker, and gives its place back', async () => {
  const inShare = shares(1, 5);
  await expect(inShare('o', () => Promise.reject(new Error('no')))).rejects.toThrow('no');
  await expect(inShare('o', () => Promise.resolve(2))).resolves.toBe(2);
});

test('one thing has the same shares wherever they are asked for; busy is told by its name', () => {
  expect(sharesOf('berths', 1, 1)).toBe(sharesOf('berths', 1, 1));
  expect(sharesOf('berths', 1, 1)).not.toBe(sharesOf('moorings', 1, 1));
  expect(isBusy(new Busy())).toBe(true);
  expect(isBusy(Object.assign(new Error('of another program'), { name: 'Busy' }))).toBe(true);
  expect(isBusy(new Error('Busy'))).toBe(false);
});
