/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { act, cleanup, screen, waitFor } from '@testing-library/react';
import { assess, findingsTurningOn, follow } from '@/core';
import { bench } from '@/core/testing/bench';
import { chandlery } from '@/server/demo/chandlery';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { DangerCard } from '../Book/DangerCard';
import { MendStrip } from '../Book/MendStrip';
import type { Selection } from '../Book/context';
import { inHand } from '../testing/in-hand';
import { Walk } from './Walk';

afterEach(cleanup);

const judging = { assess, findingsTurningOn, follow };
const view = (
  <>
    <MendStrip />
    <Walk />
    <DangerCard asked={0} />
  </>
);
const text = () => document.body.textContent ?? '';
const card = () => screen.queryByRole('dialog', { name: /Danger now/ });

describe('a walk whose rules are not here yet', () => {
  test.each([
    ['lock-keeper’s house', lockKeepersHouse],
    ['chandlery', chandlery],
  ])(
    'is drawn and stands whatever is in hand, and says nowhere that nothing was found: %s',
    async (_, make) => {
      const { entries } = make('ines');
      const { site } = assess(entries, (await inHand(entries, null)).assessment().settings);
      cleanup();
      const [panel] = site.panels;
      const selections: Selection[] = [
        ...Array.from(
          { length: 16 },
          (__, index) => ({ kind: 'stage', stage: index + 1 }) as const,
        ),
        ...panel!.positions.map(({ number }) => ({ kind: 'position', number }) as const),
        ...panel!.bars.map(({ id }) => ({ kind: 'screw', bar: id, number: 1 }) as const),
        ...panel!.devices.map(({ id }) => ({ kind: 'thing', ref: id }) as const),
      ];
      const hand = await inHand(entries, view, selections[0], null);
      for (const selection of selections) {
        act(() => hand.select(selection));
        expect(text()).toContain('Not judged yet');
        expect(text()).not.toMatch(/Nothing found|Findings 0|0 of \d+ agreed|agreed acts made/);
      }
      expect(document.querySelectorAll('[data-position]').length).toBeGreaterThan(10);
    },
    120_000,
  );

  test('what is recorded meanwhile is judged once they are here, and its danger is told', async () => {
    const before = bench().lines('7 20 12cu !arc').book.entries;
    const hand = await inHand(before, view, { kind: 'position', number: 9 }, null);
    await (await hand.press('20 A')).andKept();
    expect(card()).toBeNull();
    act(() => hand.store.judgeBy(judging));
    await waitFor(() => expect(text()).toMatch(/Findings [1-9]/));
    expect(text()).not.toContain('Not judged yet');
    // It stood there when the walk was opened.
    expect(hand.findings().some(({ grade }) => grade === 'danger')).toBe(true);
    expect(card()).toBeNull();
  });

  test('a danger recorded before they were here is told when they come', async () => {
    const hand = await inHand(
      bench().lines('7 20 12cu').book.entries,
      view,
      { kind: 'position', number: 7 },
      null,
    );
    await (await hand.press('Arcing')).andKept();
    expect(card()).toBeNull();
    act(() => hand.store.judgeBy(judging));
    await waitFor(() => expect(card()).not.toBeNull());
  });
});
