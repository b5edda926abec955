/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { inHand, pressable, type } from '../testing/in-hand';
import { Supply } from './Supply';

afterEach(cleanup);

const house = () => lockKeepersHouse('ines').entries;
const node = () => screen.getByRole('complementary', { name: 'Chosen part of the supply' });
const things = (hand: Awaited<ReturnType<typeof inHand>>, kind: string) =>
  [...hand.reader().inspection.things.values()].filter(({ type: one }) => one === kind);

describe('what is there', () => {
  test('a panel of the tree is chosen by its name, and asked about', async () => {
    await inHand(house(), <Supply />);
    fireEvent.click(pressable(/^Boat shed panel/)[0]!);
    expect(within(node()).getByDisplayValue('Boat shed panel')).toBeTruthy();
  });

  test.each([
    ['+ rod', 'electrode'],
    ['+ gas pipe', 'pipe'],
    ['+ second supply', 'source'],
  ] as const)('%s declares one, and it is in hand', async (words, kind) => {
    const hand = await inHand(house(), <Supply />);
    const before = things(hand, kind).length;
    await (await hand.press(words)).andKept();
    expect(things(hand, kind)).toHaveLength(before + 1);
  });

  test('a meter below the service is fed from it', async () => {
    const hand = await inHand(house(), <Supply />);
    fireEvent.click(pressable(/^Service, /)[0]!);
    await (await hand.press('+ meter', 0, node())).andKept();
    const service = things(hand, 'service')[0]!;
    const meter = things(hand, 'meter').at(-1)!;
    expect(hand.reader().value(meter.id, 'fedFrom')).toBe(service.id);
  });
});

describe('what flows', () => {
  const flows = async () => {
    const hand = await inHand(house(), <Supply />);
    fireEvent.click(screen.getByRole('radio', { name: 'What flows' }));
    await waitFor(() =>
      screen.getByLabelText(/^Utility’s neutral, |^Feeder of Boat shed panel, its length/),
    );
    return hand;
  };

  test('figures nobody measured are called assumed', async () => {
    await flows();
    expect(screen.getAllByText('assumed').length).toBeGreaterThan(3);
  });

  test('a switch opened changes what is said, and "as recorded" gives it back', async () => {
    await flows();
    const main = screen.getByRole('main', { name: 'Supply' });
    const before = main.textContent;
    fireEvent.click(screen.getByLabelText(/^Feeder neutral of Boat shed panel/));
    await waitFor(() => expect(main.textContent).not.toBe(before));
    fireEvent.click(pressable('As recorded')[0]!);
    await waitFor(() => expect(main.textContent).toBe(before));
  });

  test('a changed what-if can be kept, with its sentence, as something that was not measured', async () => {
    const hand = await flows();
    fireEvent.click(screen.getByLabelText(/^Feeder neutral of Boat shed panel/));
    const name = await waitFor(() => screen.getByLabelText(/^Called/));
    fireEvent.change(name, { target: { value: 'Feeder neutral opened' } });
    await (await hand.press('Keep it')).andKept();
    const [kept] = things(hand, 'what-if');
    expect(hand.reader().value(kept!.id, 'name')).toBe('Feeder neutral opened');
    expect(hand.reader().value(kept!.id, 'whatIfSays')).toMatch(/A|V/);
    expect(hand.reader().value(kept!.id, 'whatIf')!.closed).not.toEqual({});
  });

  test('the body’s resistance is asked for, never taken as nothing', async () => {
    await flows();
    type(/^Body from hand to hand/, '0');
    expect(screen.getByRole('main', { name: 'Supply' }).textContent).not.toMatch(/Infinity|NaN/);
  });
});

describe('what hangs on what', () => {
  test('is found by touching both ends; of a panel the breaker is asked', async () => {
    const hand = await inHand(house(), <Supply />);
    const shed = hand.site().panels.find(({ name }) => name === 'Boat shed panel')!;
    await hand.press('What hangs on what: touch both ends');
    fireEvent.click(pressable(/^Main panel/)[0]!);
    fireEvent.click(pressable(/^Boat shed panel/)[0]!);
    await (await hand.press('by its feed-through lugs')).andKept();
    const main = hand.site().panels[0]!;
    expect(hand.reader().value(shed.id, 'fedFrom')).toBe(main.id);
    expect(hand.reader().value(main.id, 'feedThroughLugs')).toBe(true);
  });
});
