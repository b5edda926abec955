/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { act, cleanup, fireEvent, waitFor } from '@testing-library/react';
import { bench } from '@/core/testing/bench';
import { deviceAt } from '@/core/fieldwork/recording/device-at';
import { looseWires } from '@/core/fieldwork/recording/loose-wires';
import { inHand, unfold } from '../testing/in-hand';
import { Detail } from './Detail';
import { ShorthandBar } from './ShorthandBar';
import { usePreviewResult } from './use-preview';

afterEach(cleanup);

const lines = ['7 20 12cu:b n3 g4 kitchen', '9+11 30 10cu:b/10cu:r n5 g6 dryer'];
const wired = () => bench().lines(...lines).book.entries;

describe('by taps', () => {
  test('a wired breaker is moved, and is in hand where it went', async () => {
    const { press, site } = await inHand(wired(), <Detail />, { kind: 'position', number: 7 });
    unfold(/^Moved, taken out/);
    await press('Moved to …');
    await (await press('14')).andKept();
    const panel = site().panels[0]!;
    expect(deviceAt(panel, 14)!.terminals[0]!.conductors).toHaveLength(1);
    expect(deviceAt(panel, 7)).toBeUndefined();
  });

  test('taken out and blanked; its wire is landed under another screw', async () => {
    const first = await inHand(wired(), <Detail />, { kind: 'position', number: 7 });
    unfold(/^Moved, taken out/);
    await first.press('Taken out …');
    await (await first.press('And blanked')).andKept();
    expect(looseWires(first.site().panels[0]!)).toHaveLength(1);
    cleanup();
    const { entries } = bench().lines(...lines, '7 >out blank').book;
    const { press, site } = await inHand(entries, <Detail />, { kind: 'position', number: 9 });
    await (await press('black 12 copper hot of Kitchen')).andKept();
    const panel = site().panels[0]!;
    expect(looseWires(panel)).toEqual([]);
    expect(deviceAt(panel, 9)!.terminals[0]!.conductors).toHaveLength(2);
  });

  test('what was chosen of the work stays chosen while something else is recorded', async () => {
    const { entries } = bench().lines('7 20 12cu m1 n1 g1 in:nm kitchen').book;
    const { press, site } = await inHand(entries, <Detail />, { kind: 'position', number: 7 });
    unfold(/^Moved, taken out/);
    await press('Taken out …');
    await press('They come off too');
    await (await press('Heat')).andKept();
    await (await press('And blanked')).andKept();
    expect(looseWires(site().panels[0]!)).toHaveLength(3);
  });

  test('another instead: the old one is kept, its wires are on the new one', async () => {
    const { press, site, reader } = await inHand(wired(), <Detail />, {
      kind: 'position',
      number: 9,
    });
    const old = deviceAt(site().panels[0]!, 9)!.id;
    unfold(/^Moved, taken out/);
    await press('Another instead …');
    await (await press('20 A')).andKept();
    const now = deviceAt(site().panels[0]!, 9)!;
    expect(reader().value(now.id, 'insteadOf')).toBe(old);
    expect(now.terminals.map(({ handleA }) => handleA)).toEqual([20, 20]);
    expect(now.terminals.map(({ conductors }) => conductors.length)).toEqual([1, 1]);
  });

  test('never there: the record put right, the wires stay', async () => {
    const { press, site } = await inHand(wired(), <Detail />, { kind: 'position', number: 9 });
    unfold(/^Moved, taken out/);
    await (await press('Never there: put the record right')).andKept();
    expect(looseWires(site().panels[0]!)).toHaveLength(2);
  });

  test.each([
    ['Off, capped', 'capped'],
    ['Off or cut, bare', 'bare'],
    ['Off, bare and live', 'bare-live'],
  ])('the end of a wire: %s', async (words, value) => {
    const entries = wired();
    const made = bench();
    made.book.entries = [...entries];
    const [wire] = deviceAt(made.book.site.panels[0]!, 7)!.terminals[0]!.conductors;
    const { press, reader } = await inHand(entries, <Detail />, { kind: 'thing', ref: wire!.id });
    await (await press(words)).andKept();
    expect(reader().value(wire!.id, 'endState')).toBe(value);
    expect(reader().value(wire!.id, 'landsOn')).toBeNull();
  });
});

describe('by a line', () => {
  const Line = ({ text }: { text: string }) => (
    <ShorthandBar
      ref={null}
      typed={text}
      setTyped={() => undefined}
      result={usePreviewResult(text)}
    />
  );
  const typed = (text: string) => <Line text={text} />;
  const enter = async (container: HTMLElement) =>
    act(async () => {
      fireEvent.keyDown(container.querySelector('#shorthand')!, { key: 'Enter' });
      await Promise.resolve();
    });

  test.each([
    ['7 >14', '14: Kitchen'],
    ['7 >out blank', 'none'],
    ['7 >new 15 @Tarnholt', '7: Kitchen'],
    ['7 >never', 'none'],
    ['9 20', '9+11: Dryer'],
  ])('%s', async (text, stands) => {
    const { container, site, kept } = await inHand(wired(), typed(text));
    await enter(container);
    await kept(1);
    const all = site().panels[0]!.devices.map(
      ({ label, terminals }) => `${label}: ${terminals[0]!.circuit?.name}`,
    );
    if (stands === 'none') expect(all).toEqual(['9+11: Dryer']);
    else expect(all).toContain(stands);
  });

  test('a name that may have been meant otherwise is asked about once', async () => {
    const { container, recorded, kept } = await inHand(wired(), typed('8 15 lamps 81w'));
    await enter(container);
    await waitFor(() => expect(container.textContent).toContain('81w became part of the name'));
    expect(recorded()).toEqual([]);
    await enter(container);
    await kept(1);
    expect(recorded().some((one) => one.kind === 'add' && one.facts.name === 'Lamps 81w')).toBe(
      true,
    );
  });

  test.each(['7 >out 20', '7 >14 kitchen', '7 >elsewhere', '7 >new 15 12cu'])(
    '%s is not understood, and says why',
    async (text) => {
      const { container, recorded } = await inHand(wired(), typed(text));
      await enter(container);
      await waitFor(() => expect(container.querySelector('[aria-invalid=true]')).not.toBeNull());
      expect(recorded()).toEqual([]);
    },
  );
});
