import { describe, expect, test } from '@jest/globals';
import type { PartState } from '../run/supervisor';
import { standingLines, standingPage } from './standing-page';

const part = (name: string, state: PartState['state']): PartState => ({
  name,
  state,
  pid: 1,
  since: '2026-11-30T02:03:04.000Z',
  again: 0,
  lastEnd: undefined,
});

describe('what runs', () => {
  test.each([
    [true, 'running', true, ['is running since 2026-11-30 02:03 UTC.', 'is running.']],
    [
      false,
      'waiting',
      true,
      [
        'is not running. Reports can be read on the screen; a PDF that is asked for is made, and letters leave, as soon as it runs again.',
        'is running.',
      ],
    ],
    [
      false,
      'running',
      false,
      [
        'is running since 2026-11-30 02:03 UTC.',
        'is not running. Nothing can be opened or delivered. What was recorded stays on its device and is delivered as soon as it runs again.',
      ],
    ],
  ] as const)(
    'all of it: %s, where the worker is %s and the database %s',
    (all, worker, database, says) => {
      const standing = { parts: [part('worker', worker)], database };
      expect(standingLines(standing).map((line) => line.says)).toEqual(says);
      expect(standingPage(standing)).toContain(
        all ? 'Everything runs' : 'Something is not running',
      );
    },
  );

  test('a part nobody has words for is named as it is, and runs nothing in the page', () => {
    const page = standingPage({ parts: [part('<script>', 'running')], database: undefined });
    expect(page).not.toContain('<script>');
    expect(page).toContain('&lt;script&gt;');
  });
});
