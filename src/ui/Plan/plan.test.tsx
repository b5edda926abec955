/** @jest-environment jsdom */
import { afterEach, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { Highs } from 'highs';
import loadHighs from 'highs';
import type { PlanQuestion } from '@/core';
import { workOut } from '@/core';
import { bench } from '@/core/testing/bench';
import { inHand, pressable, type } from '../testing/in-hand';
import { Plan } from './Plan';

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

const asked: PlanQuestion[] = [];

/** What the worker does, on this thread: told piece by piece, ended when a new one is asked. */
class WorkerHere {
  onmessage: ((event: { data: unknown }) => void) | undefined;
  onerror: unknown;
  private ended = false;
  constructor() {
    queueMicrotask(() => this.onmessage?.({ data: { kind: 'ready' } }));
  }
  terminate() {
    this.ended = true;
  }
  postMessage(question: PlanQuestion) {
    asked.push(question);
    void (async () => {
      for (const data of workOut(highs, structuredClone(question))) {
        await Promise.resolve();
        if (this.ended) return;
        act(() => this.onmessage?.({ data }));
      }
    })();
  }
}

beforeEach(() => {
  asked.length = 0;
  Object.assign(globalThis, { Worker: WorkerHere });
});
afterEach(cleanup);

/** An opening, and two wires under a screw marked for one. */
const two = () =>
  bench({ rows: 4, panel: { name: 'Main panel', labelTandemPositions: [] } })
    .lines('1 20 2x12cu:b m1 in:nm bench', '2 20 12cu:b m1 in:nm hall')
    .facts({ opening: 'open' }, 'panel/c1r2')
    .facts({ opening: 'covered' }, 'panel/c2r2').book.entries;

const main = () => document.querySelector('main')!;
const shown = () => main().textContent!;
const rows = () => within(screen.getByLabelText('Plans')).getAllByRole('button');
const worked = () => waitFor(() => expect(shown()).not.toMatch(/Working it out/));

describe('plans', () => {
  test('are told with their names, cost, work and what stays wrong', async () => {
    await inHand(two(), <Plan />);
    await worked();
    expect(rows().map((row) => row.querySelector('strong')!.textContent)).toEqual([
      'Least to be safe',
      'All defects · Lasting',
    ]);
    expect(shown()).toContain('Opening 3: fit the blank made for this panel');
    expect(shown()).toContain('Live until proven dead.');
    fireEvent.click(rows()[0]!);
    const stays = [...main().querySelectorAll('section')].find((one) =>
      one.textContent!.startsWith('Stays wrong'),
    )!;
    expect(stays.textContent).toContain('2 conductors under one screw');
  });

  test('other ways stand with their reasons; another taken, it is worked out again', async () => {
    await inHand(two(), <Plan />);
    await worked();
    const ways = pressable(/other ways?$/).at(-1)!;
    fireEvent.click(ways);
    expect(shown()).toMatch(/Not here: /);
    const own = pressable('Take this').at(-1)!;
    fireEvent.click(own);
    await worked();
    expect(asked.at(-1)!.forced).toHaveLength(1);
  });

  test('what must be mended cannot be left; another thing can, and then it stays', async () => {
    await inHand(two(), <Plan />);
    await worked();
    expect(pressable('Leave it')).toHaveLength(1);
    fireEvent.click(pressable('Leave it')[0]!);
    await worked();
    await waitFor(() => expect(shown()).toContain('2 conductors under one screw'));
    fireEvent.click(pressable('Choose freely again')[0]!);
    await worked();
    expect(asked.at(-1)!.forbidden).toEqual([]);
  });

  test('the keyboard walks along the front', async () => {
    await inHand(two(), <Plan />);
    await worked();
    const figure = screen.getByRole('slider');
    fireEvent.keyDown(figure, { key: 'Home' });
    expect(figure.getAttribute('aria-valuenow')).toBe('0');
    fireEvent.keyDown(figure, { key: 'End' });
    expect(Number(figure.getAttribute('aria-valuenow'))).toBeGreaterThan(0);
  });

  test('a choice is an entry with its figures; facts recorded later are counted against it', async () => {
    const hand = await inHand(two(), <Plan />);
    await worked();
    type('Chosen by', 'Tomas Aldergrove');
    const questions = asked.length;
    await (await hand.press('Record this choice')).andKept();
    expect(asked).toHaveLength(questions);
    expect(shown()).not.toContain('Working it out');
    const [made] = hand.recorded();
    expect(made).toMatchObject({
      kind: 'add',
      type: 'plan',
      facts: {
        planName: 'All defects · Lasting',
        planBy: 'Tomas Aldergrove',
        planBook: 1,
        planWorks: expect.arrayContaining([expect.stringContaining('Opening 3')]),
        planDrafts: expect.arrayContaining([
          expect.objectContaining({ about: 'panel/c1r2', facts: { opening: 'blanked' } }),
        ]),
      },
    });
    expect(shown()).not.toContain('Made before');
    await act(() =>
      hand.store
        .record(() => [
          {
            kind: 'observe',
            about: 'panel',
            facts: { directory: 'vague' },
            certainty: 'seen',
            replaces: [],
          },
        ])
        .then(() => undefined),
    );
    await waitFor(() => expect(shown()).toContain('Made before 1 fact'));
  });

  test('a wish is recorded, told with its verdict, and taken back', async () => {
    const hand = await inHand(two(), <Plan />);
    await worked();
    fireEvent.click(pressable('Add a wish')[0]!);
    fireEvent.change(screen.getByLabelText('Wanted'), { target: { value: 'spare-positions' } });
    fireEvent.change(screen.getByLabelText('Spare positions'), { target: { value: '2' } });
    await (await hand.press('Record it')).andKept();
    expect(hand.recorded()[0]).toMatchObject({
      type: 'wish',
      facts: { wishKind: 'spare-positions', wishPositions: 2, wishPanel: 'panel' },
    });
    fireEvent.click(pressable('Add a wish')[0]!);
    fireEvent.change(screen.getByLabelText('Wanted'), { target: { value: 'charger' } });
    fireEvent.change(screen.getByLabelText('Of, A'), { target: { value: '40' } });
    await (await hand.press('Record it')).andKept();
    expect(hand.recorded()[1]).toMatchObject({ facts: { wishKind: 'charger', wishA: 40 } });
    await waitFor(() => expect(shown()).toContain('A vehicle charger of 40 A, Main panel'));
    await (await hand.press('Not wanted any more: A vehicle charger of 40 A')).andKept();
    await waitFor(() => expect(shown()).not.toContain('A vehicle charger of 40 A, Main panel'));
  });
});
