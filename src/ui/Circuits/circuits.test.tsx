/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { bench } from '@/core/testing/bench';
import { inHand, pressable, type } from '../testing/in-hand';
import { Circuits } from './Circuits';

afterEach(cleanup);

const entries = () =>
  bench().lines(
    'main 100',
    '1 15 14cu m1 hall',
    '3 20 12cu m1 kitchen',
    '5+7 30 10cu dryer',
    '9 t15/20 14cu+12cu bath / stair',
  ).book.entries;
const radio = (name: string) => fireEvent.click(screen.getByRole('radio', { name }));
const rows = () =>
  screen.getAllByRole('row').filter((row) => row.querySelector('input[type=checkbox]'));

describe('the table of circuits', () => {
  test('has one row a circuit, halves of a tandem apart', async () => {
    await inHand(entries(), <Circuits />);
    expect(rows().map((row) => row.querySelector('a')!.textContent)).toEqual([
      '1',
      '3',
      '5+7',
      '9a',
      '9b',
    ]);
  });

  test('words narrow it, and say to how many', async () => {
    await inHand(entries(), <Circuits />);
    type(/^Show those with/, 'stair');
    await waitFor(() => expect(rows()).toHaveLength(1));
    expect(document.body.textContent).toContain('1 of 5');
  });

  test('a heading sorts it, up and then down', async () => {
    await inHand(entries(), <Circuits />);
    const names = () =>
      screen.getAllByLabelText(/^What .* feeds$/).map((one) => (one as HTMLInputElement).value);
    fireEvent.click(pressable('Feeds')[0]!);
    await waitFor(() => expect(names()).toEqual([...names()].sort()));
    fireEvent.click(pressable('Feeds')[0]!);
    await waitFor(() => expect(names()).toEqual([...names()].sort().reverse()));
  });

  test('a name is changed in place; nothing is recorded where it is the same or blank', async () => {
    const hand = await inHand(entries(), <Circuits />);
    const field = screen.getByLabelText('What 3 feeds');
    fireEvent.change(field, { target: { value: '  ' } });
    fireEvent.blur(field);
    expect(hand.recorded()).toEqual([]);
    fireEvent.change(field, { target: { value: 'kitchen, left' } });
    fireEvent.blur(field);
    await hand.kept(1);
    const three = hand.site().panels[0]!.devices.find(({ number }) => number === 3)!;
    expect(three.terminals[0]!.circuit!.name).toBe('kitchen, left');
  });

  test('one fact is set of several at once', async () => {
    const hand = await inHand(entries(), <Circuits />);
    for (const label of ['Choose 1', 'Choose 3']) fireEvent.click(screen.getByLabelText(label));
    fireEvent.change(screen.getByLabelText('Wiring method'), { target: { value: 'nm' } });
    await hand.kept(2);
    const methods = hand
      .site()
      .panels[0]!.devices.map(({ terminals }) => terminals[0]!.conductors[0]?.cable?.kind?.value);
    expect(methods.filter((one) => one === 'nm')).toHaveLength(2);
  });
});

describe('many lines at once', () => {
  const paste = (text: string) => type(/Lines of shorthand, or rows of a spreadsheet/, text);
  test('good ones are recorded as one action; a faulty one stays with its column', async () => {
    const hand = await inHand(entries(), <Circuits />);
    paste('11 20 12cu shed\n99 20 12cu far\n13 20 12cu porch');
    await (await hand.press('Record them')).andKept();
    await waitFor(() => expect(document.body.textContent).toContain('2 lines recorded, 1 kept'));
    expect(document.body.textContent).toMatch(/Line 2, column \d+/);
    expect(new Set(hand.recorded().map(({ action }) => action)).size).toBe(1);
    const numbers = hand.site().panels[0]!.devices.map(({ number }) => number);
    expect(numbers).toEqual(expect.arrayContaining([11, 13]));
    expect(numbers).not.toContain(12);
  });
  test('rows of a spreadsheet are read by their heading', async () => {
    const hand = await inHand(entries(), <Circuits />);
    paste('position,device,wires,name\n11,20,12cu,Shed');
    await (await hand.press('Record them')).andKept();
    const eleven = hand.site().panels[0]!.devices.find(({ number }) => number === 11)!;
    expect(eleven.terminals[0]).toMatchObject({ handleA: 20, circuit: { name: 'Shed' } });
  });
});

describe('load', () => {
  test('what is joined on one breaker is added up', async () => {
    const made = bench().lines('main 100', '1 15 14cu hall', '3 20 12cu kitchen');
    const [one, three] = made.book.site.panels[0]!.devices;
    made.facts({ loadCurrentA: 6 }, one!.terminals[0]!.ref);
    made.facts({ loadCurrentA: 9 }, three!.terminals[0]!.ref);
    await inHand(made.book.entries, <Circuits />);
    radio('Load');
    const boxes = await waitFor(() => screen.getAllByRole('checkbox').slice(0, 2));
    for (const box of boxes) fireEvent.click(box);
    await waitFor(() => expect(document.body.textContent).toMatch(/15(\.0)? A/));
  });

  test('what would be added needs amps in bounds; then its breaker is told', async () => {
    await inHand(entries(), <Circuits />);
    radio('Load');
    const add = () => pressable('Add it to what would be added')[0] as HTMLButtonElement;
    expect(add().disabled).toBe(true);
    type('Amps', '900');
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('to 400'));
    expect(add().disabled).toBe(true);
    type('Amps', '32');
    type('What', 'Charger');
    await waitFor(() => expect(add().disabled).toBe(false));
    fireEvent.click(add());
    await waitFor(() =>
      expect(document.body.textContent).toContain('Charger, 32 A at 240 V, its own breaker 40 A'),
    );
    fireEvent.click(pressable('Take it out')[0]!);
    expect(document.body.textContent).not.toContain('its own breaker');
  });
});

describe('tracing', () => {
  test('rooms first; then rounds, which are walked and looked at', async () => {
    const hand = await inHand(entries(), <Circuits />);
    radio('Trace');
    expect(document.body.textContent).toContain('Name the rooms and outlets first');
    type('Room', 'Hall');
    type(/^Lamps, outlets and appliances/, 'lamp, outlet');
    await (await hand.press(/^Add .*to the room/)).andKept();
    const outlets = [...hand.reader().inspection.things.values()].filter(
      ({ type: kind }) => kind === 'outlet',
    );
    expect(outlets).toHaveLength(2);
    await hand.press('By code: several off at once');
    await (await hand.press(/^Begin round 1/)).andKept();
    const round = [...hand.reader().inspection.things.values()].find(
      ({ type: kind }) => kind === 'round',
    )!;
    expect(hand.reader().value(round.id, 'switchedOff')!.length).toBeGreaterThan(0);
  });
});
