/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { bench } from '@/core/testing/bench';
import { inHand, pressable, type } from '../testing/in-hand';
import { Readings } from './Readings';
import { VerdictMark } from './VerdictMark';

afterEach(cleanup);

const entries = () => bench().lines('main 100', '7 20 12cu kitchen').book.entries;
const take = async (hand: Awaited<ReturnType<typeof inHand>>, slot: RegExp, figure: string) => {
  fireEvent.click(pressable(slot)[0]!);
  type(/^Type it/, figure);
  await (await hand.press('Record')).andKept();
};

describe('a figure', () => {
  test('of a leg alone waits for the others; together they are good', async () => {
    const hand = await inHand(entries(), <Readings />);
    const row = () => pressable(/^A to neutral/)[0]!.closest('tr, li, div')!.textContent;
    await take(hand, /^A to neutral/, '120');
    expect(hand.reader().fact('panel', 'anV')).toMatchObject({
      value: 120,
      certainty: 'measured',
    });
    await waitFor(() => expect(row()).toContain('measure both legs to neutral and across'));
    await take(hand, /^B to neutral/, '121');
    await take(hand, /^A to B/, '241');
    await waitFor(() => expect(row()).toContain('Good'));
  });

  test('outside its range is told at once, with the figure', async () => {
    const hand = await inHand(entries(), <Readings />);
    await take(hand, /^A to neutral/, '70');
    await waitFor(() =>
      expect(pressable(/^A to neutral/)[0]!.closest('tr, li, div')!.textContent).toContain(
        'A to neutral: 70 V, outside range B',
      ),
    );
  });

  test('with a comma is read; words and less than nothing are not', async () => {
    const hand = await inHand(entries(), <Readings />);
    fireEvent.click(pressable(/^A to neutral/)[0]!);
    for (const wrong of ['abc', '-3', '']) {
      type(/^Type it/, wrong);
      expect((pressable('Record')[0] as HTMLButtonElement).disabled).toBe(true);
    }
    type(/^Type it/, '119,5');
    await (await hand.press('Record')).andKept();
    expect(hand.reader().value('panel', 'anV')).toBe(119.5);
  });

  test('names its instrument, which is recorded once', async () => {
    const hand = await inHand(entries(), <Readings />);
    type(/^Name$/, 'House meter');
    type(/^Rated for/, 'CAT III 600 V');
    await (await hand.press('Record it')).andKept();
    await take(hand, /^A to neutral/, '121');
    const meter = [...hand.reader().inspection.things.values()].find(
      ({ type: kind }) => kind === 'instrument',
    )!;
    expect(hand.reader().value('panel', 'takenWith')).toBe(meter.id);
    expect(document.body.textContent).toContain('CAT III 600 V');
  });

  test('of a dead leg before the tester was proved is no proof: it says what comes first', async () => {
    const hand = await inHand(entries(), <Readings />);
    fireEvent.click(pressable(/^Proof of dead/)[0]!);
    const slot = await waitFor(() => pressable(/^Off: A to B/)[0]!);
    fireEvent.click(slot);
    type(/^Type it/, '0');
    await (await hand.press('Record')).andKept();
    await waitFor(() =>
      expect(slot.closest('tr, li, div')!.textContent).toMatch(/Bad|Read again|prove|live source/i),
    );
    expect(slot.closest('tr, li, div')!.textContent).not.toContain('Good');
  });
});

describe('groups', () => {
  test('count what was read of what can be', async () => {
    const hand = await inHand(entries(), <Readings />);
    expect(pressable(/^Supply/)[0]!.textContent).toMatch(/0\s*\/\s*4/);
    await take(hand, /^A to B/, '240');
    await waitFor(() => expect(pressable(/^Supply/)[0]!.textContent).toMatch(/1\s*\/\s*4/));
  });
});

describe('a round', () => {
  test('of tugging steps by itself from screw to screw, a touch each', async () => {
    const hand = await inHand(
      bench().lines('7 20 12cu n3 kitchen', '9 20 12cu n4 bath').book.entries,
      <Readings />,
    );
    fireEvent.click(pressable(/^Tug round/)[0]!);
    const inTurn = () => screen.getByRole('complementary').querySelector('h3')!.textContent;
    const seen: (string | null)[] = [];
    for (const says of ['firm', 'loose', 'firm', 'firm']) {
      seen.push(inTurn());
      await (await hand.press(says, 0, screen.getByRole('complementary'))).andKept();
    }
    expect(seen).toEqual(['Breaker 7', 'Breaker 9', 'Neutral screw 3', 'Neutral screw 4']);
    expect(hand.findings().map(({ verdict }) => verdict.rule.id)).toContain('breaker/loose');
  });
});

describe('a verdict', () => {
  test.each([
    ['good', 'within the limits', 'Good: within the limits'],
    ['unread', 'not read', 'Not read'],
    ['on-record', 'on record', 'On record'],
    ['again', 'read again: 3 V between them', 'Read again: read again: 3 V between them'],
  ] as const)('%s stands as a word and a shape', (level, words, said) => {
    const { container } = render(<VerdictMark verdict={{ level, words }} />);
    expect(container.textContent).toBe(said);
    expect(container.querySelector('svg')).not.toBeNull();
  });
});
