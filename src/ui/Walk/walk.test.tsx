/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { bench } from '@/core/testing/bench';
import { inHand, pressable, type, unfold } from '../testing/in-hand';
import { Walk } from './Walk';

afterEach(cleanup);

const at = (number: number) => ({ kind: 'position', number }) as const;
const selected = () => screen.getByRole('region', { name: 'Selected' });
const found = () => screen.getByRole('region', { name: 'Found' });

describe('an empty position', () => {
  test('a rating puts a breaker there, and what is asked of a breaker comes', async () => {
    const hand = await inHand(bench().book.entries, <Walk />, at(7));
    await (await hand.press('20 A')).andKept();
    const [device] = hand.site().panels[0]!.devices;
    expect(device).toMatchObject({ number: 7, form: 'single-pole' });
    expect(device!.terminals[0]!.handleA).toBe(20);
    expect(pressable('Marked for 1', selected())).toHaveLength(1);
    expect(within(selected()).getByText(/0 recorded, maybe more/)).toBeTruthy();
  });

  test('the form is chosen first: two poles take the position below too', async () => {
    const hand = await inHand(bench().book.entries, <Walk />, at(9));
    await hand.press('2 poles');
    expect(hand.recorded()).toEqual([]);
    await (await hand.press('30 A')).andKept();
    expect(hand.site().panels[0]!.devices[0]).toMatchObject({ label: '9+11', height: 2 });
  });

  test.each([
    ['Open', 'open'],
    ['Blank', 'blanked'],
    ['Cover closed', 'covered'],
  ] as const)('%s is recorded of the opening', async (words, opening) => {
    const hand = await inHand(bench().book.entries, <Walk />, at(24));
    if (opening === 'covered') unfold(/^Other kinds/);
    await (await hand.press(words, 0, selected())).andKept();
    expect(hand.reader().value('panel/c2r12', 'opening')).toBe(opening);
  });
});

describe('a breaker', () => {
  const one = () => bench().lines('7 20').book.entries;
  const device = (hand: Awaited<ReturnType<typeof inHand>>) => hand.site().panels[0]!.devices[0]!;

  test('two wires under a screw marked for one are a finding at once', async () => {
    const hand = await inHand(one(), <Walk />, at(7));
    await (await hand.press('Add wire 12 copper to screw 7')).andKept();
    await (await hand.press('Add wire 12 copper to screw 7')).andKept();
    expect(found().textContent).not.toContain('under one screw marked for 1');
    await (await hand.press('Marked for 1')).andKept();
    expect(device(hand).terminals[0]!.conductors).toHaveLength(2);
    expect(hand.findings().map(({ verdict }) => verdict.rule.id)).toContain('breaker/double-tap');
    await waitFor(() =>
      expect(found().textContent).toContain('2 conductors under one screw marked for 1'),
    );
  });

  test('wires are aluminium where the metal is turned', async () => {
    const hand = await inHand(one(), <Walk />, at(7));
    await hand.press('Metal of added wires: copper');
    await (await hand.press(/Add wire 10 .*to screw 7/)).andKept();
    expect(device(hand).terminals[0]!.conductors[0]!.metal!.value).not.toBe('cu');
  });

  test('a wire taken off was never there; the count of what is there goes with it', async () => {
    const hand = await inHand(one(), <Walk />, at(7));
    await (await hand.press('Add wire 14 copper to screw 7')).andKept();
    await (await hand.press('That is all: 1')).andKept();
    await (await hand.press('Take 14 copper off')).andKept();
    const [terminal] = device(hand).terminals;
    expect(terminal!.conductors).toEqual([]);
    expect(hand.reader().value(terminal!.ref, 'conductorCount')).toBe(0);
  });

  test('a colour is one tap; white used as hot asks whether it is re-marked', async () => {
    const hand = await inHand(one(), <Walk />, at(7));
    await (await hand.press('Add wire 12 copper to screw 7')).andKept();
    await (await hand.press('12 copper is white')).andKept();
    await (await hand.press('Re-marked?')).andKept();
    const [conductor] = device(hand).terminals[0]!.conductors;
    expect(hand.reader().value(conductor!.id, 'remarked')).toBe(true);
    await (await hand.press('Re-marked')).andKept();
    expect(hand.reader().value(conductor!.id, 'remarked')).toBe(false);
  });

  test.each([
    ['Heat', 'heatMark'],
    ['Melted', 'melted'],
    ['Arcing', 'arcing'],
    ['Damp', 'moisture'],
  ] as const)('%s noticed is recorded, and taken back by the same tap', async (words, property) => {
    const hand = await inHand(one(), <Walk />, at(7));
    await (await hand.press(words)).andKept();
    expect(hand.reader().value(device(hand).id, property)).toBe(true);
    await (await hand.press(words)).andKept();
    expect(hand.reader().value(device(hand).id, property)).toBe(false);
  });

  test('a name on the buttons names the circuit; typed names do too', async () => {
    const hand = await inHand(one(), <Walk />, at(7));
    await (await hand.press('Kitchen')).andKept();
    expect(device(hand).terminals[0]!.circuit!.name).toBe('Kitchen');
    type(/^Feeds/, 'Kitchen left');
    await (await hand.press('Name it')).andKept();
    expect(device(hand).terminals[0]!.circuit!.name).toBe('Kitchen left');
  });

  test('the maker of another breaker is one tap', async () => {
    const hand = await inHand(
      bench().lines('5 20 @tarnholt', '7 20').book.entries,
      <Walk />,
      at(7),
    );
    await (await hand.press(/^tarnholt$/i)).andKept();
    const seven = hand.site().panels[0]!.devices.find(({ number }) => number === 7)!;
    expect(hand.reader().value(seven.id, 'maker')).toMatch(/tarnholt/i);
  });

  test('known as told: what comes next is told, until it is taken back', async () => {
    const hand = await inHand(one(), <Walk />, at(7));
    unfold('Everything of this breaker');
    await hand.press('told');
    await (await hand.press('Heat')).andKept();
    await hand.press('told');
    await (await hand.press('Melted')).andKept();
    const id = device(hand).id;
    expect(hand.reader().fact(id, 'heatMark')!.certainty).toBe('told');
    expect(hand.reader().fact(id, 'melted')!.certainty).toBe('seen');
  });
});

describe('the line of shorthand', () => {
  const line = () => screen.getByRole('textbox', { name: /shorthand/i });
  test('says what it means while it is typed, and where it is wrong', async () => {
    await inHand(bench().book.entries, <Walk />);
    fireEvent.change(line(), { target: { value: '7 20 12cu kitchen' } });
    expect(document.body.textContent).toContain('20 A, 1 pole');
    fireEvent.change(line(), { target: { value: '7 20 2000a' } });
    expect(document.body.textContent).toContain('Column 6');
  });
  test('records on Enter; nothing of a faulty one', async () => {
    const hand = await inHand(bench().book.entries, <Walk />);
    fireEvent.change(line(), { target: { value: '7 20 12cu kitchen' } });
    await act(async () => {
      fireEvent.keyDown(line(), { key: 'Enter' });
      fireEvent.submit(line().closest('form') ?? line());
      await Promise.resolve();
    });
    await hand.kept(1);
    const before = hand.recorded().length;
    fireEvent.change(line(), { target: { value: '99 20' } });
    await act(async () => {
      fireEvent.keyDown(line(), { key: 'Enter' });
      await Promise.resolve();
    });
    expect(hand.recorded()).toHaveLength(before);
    expect(hand.site().panels[0]!.devices).toHaveLength(1);
  });
});

describe('undo', () => {
  test('takes back the last action and gives it again, as entries', async () => {
    const hand = await inHand(bench().book.entries, <Walk />, at(7));
    await (await hand.press('20 A')).andKept();
    await act(() => hand.store.undo());
    expect(hand.site().panels[0]!.devices).toEqual([]);
    await act(() => hand.store.redo());
    expect(hand.site().panels[0]!.devices).toHaveLength(1);
    expect(
      hand
        .recorded()
        .map(({ kind }) => kind)
        .slice(-2),
    ).toEqual(['undo', 'undo']);
  });
});
