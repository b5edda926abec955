/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { act, cleanup, screen, waitFor, within } from '@testing-library/react';
import { bench } from '@/core/testing/bench';
import type { TwoHands } from '@/core/testing/two-hands';
import { twoHands } from '@/core/testing/two-hands';
import { inHand } from '../testing/in-hand';
import { Walk } from '../Walk/Walk';

afterEach(cleanup);

const start = () => twoHands(bench().lines('7 20 12cu kitchen', '9 15'));
const at = ({ site }: TwoHands['ines'], number: number) =>
  site.panels[0]!.devices.find((device) => device.number === number)!;
const selected = () => screen.getByRole('region', { name: 'Selected' });
const found = () => screen.getByRole('region', { name: 'Found' });

async function shown(hands: TwoHands, number = 7) {
  const hand = await inHand(hands.all(), <Walk />, { kind: 'position', number });
  await act(async () => Promise.resolve());
  return hand;
}

describe('what two hands recorded against each other', () => {
  const rated = () => {
    const hands = start();
    hands.ines.observe(at(hands.ines, 7).id, { handleRatingsA: [15] });
    hands.bram.observe(at(hands.bram, 7).id, { handleRatingsA: [40] });
    return hands;
  };

  test('stands at what is in hand: both values, who, what only one of them brings, what counts', async () => {
    await shown(rated());
    const card = await within(selected()).findByRole('region', { name: /recorded differently/ });
    expect(card.textContent).toMatch(/15 A.*you/);
    expect(card.textContent).toMatch(/40 A.*a colleague/);
    expect(card.textContent).toMatch(/Breaker 7: 40 A on 12 copper/);
    expect(card.textContent).toContain('By what is recorded, no finding turns on it.');
    expect(card.textContent).toContain('the worse counts');
  });

  test('is settled by one tap, which is one entry; undone, it stands again', async () => {
    const hand = await shown(rated());
    await within(selected()).findByRole('region', { name: /recorded differently/ });
    await (await hand.press(/^Settle: 15 A/, 0, selected())).andKept();
    expect(hand.recorded()).toHaveLength(1);
    expect(hand.reader().facts(at(start().ines, 7).id, 'handleRatingsA')).toHaveLength(1);
    expect(within(selected()).queryByRole('region', { name: /recorded differently/ })).toBeNull();
    await act(() => hand.store.undo());
    await within(selected()).findByRole('region', { name: /recorded differently/ });
  });

  test('is listed with the findings, marked on the drawing, and not at what it is not about', async () => {
    await shown(rated(), 9);
    await waitFor(() => expect(found().textContent).toContain('recorded differently'));
    expect(within(selected()).queryByRole('region', { name: /recorded differently/ })).toBeNull();
  });

  test('a mend in hand is no part of settling what was seen', async () => {
    const hands = rated();
    const hand = await shown(hands);
    await act(() =>
      hand.store.record(() => [
        {
          kind: 'add',
          thing: 'm1',
          type: 'mend',
          in: 'site',
          facts: { mendOf: ['breaker/double-tap|x'] },
          certainty: 'seen',
        },
      ]),
    );
    expect(hand.store.snapshot().mending).toBe('m1');
    await within(selected()).findByRole('region', { name: /recorded differently/ });
    await (await hand.press(/^Settle: 40 A/, 0, selected())).andKept();
    expect(hand.recorded().map(({ kind }) => kind)).toEqual(['add', 'observe']);
  });

  test('settled by other hands meanwhile: nothing is recorded, and nothing is said', async () => {
    const hands = rated();
    const hand = await shown(hands);
    await within(selected()).findByRole('region', { name: /recorded differently/ });
    const { assessment, entries } = hand.store.snapshot();
    const { contradictionsOf } = await import('@/core/fieldwork/merging/contradictions');
    const [one] = contradictionsOf(assessment.site, entries);
    await act(() => hand.store.settle(one!, 0));
    const after = hand.recorded().length;
    expect(await hand.store.settle(one!, 1)).toBeUndefined();
    expect(hand.recorded()).toHaveLength(after);
  });
});

test('two breakers on one position: each is named, and taps settle on one', async () => {
  const hands = twoHands(bench());
  hands.ines.line('panel', '7 20 12cu kitchen');
  hands.bram.line('panel', '7 15 14cu bath');
  const hand = await shown(hands);
  const card = await within(selected()).findByRole('region', {
    name: 'Position 7: 2 breakers recorded',
  });
  expect(card.textContent).toMatch(/15 A, 1 pole, Bath.*20 A, 1 pole, Kitchen/);
  await (await hand.press('Settle: Only 20 A, 1 pole, Kitchen', 0, selected())).andKept();
  expect(hand.site().panels[0]!.devices).toHaveLength(1);
});
