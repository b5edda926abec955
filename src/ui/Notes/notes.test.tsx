/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { act, cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { observe } from '@/core/fieldwork/recording/draft';
import { bench } from '@/core/testing/bench';
import { History } from '../History/History';
import { inHand } from '../testing/in-hand';
import { Notes } from './Notes';

afterEach(cleanup);

function noted() {
  const made = bench().lines('main 100', '7 20 12cu kitchen');
  made.book.add('note', 'damp', 'site', { words: 'Damp under the stair' });
  made.book.add('note', 'placed', 'site', { words: 'Label torn', aboutThing: 'panel' });
  return made.book.entries;
}

describe('notes', () => {
  test('those without a place wait, and are counted apart', async () => {
    await inHand(noted(), <Notes />);
    expect(screen.getByRole('heading', { name: 'Waiting for a place: 1' })).toBeTruthy();
    expect(screen.getByRole('heading', { name: /Placed, referred or dismissed: 1/ })).toBeTruthy();
  });

  test('referred to another trade, one no longer waits', async () => {
    const hand = await inHand(noted(), <Notes />);
    fireEvent.change(screen.getByLabelText('Refer to'), { target: { value: 'damp' } });
    await hand.kept(1);
    expect(hand.reader().value('damp', 'referTo')).toBe('damp');
    await waitFor(() => screen.getByRole('heading', { name: 'Waiting for a place: 0' }));
  });

  test('dismissed, its words stay on the record', async () => {
    const hand = await inHand(noted(), <Notes />);
    await (await hand.press('Dismiss')).andKept();
    expect(hand.reader().value('damp', 'dismissed')).toBe(true);
    expect(document.body.textContent).toContain('Damp under the stair');
  });
});

describe('history', () => {
  test('tells who and when, and what was taken back as taken back', async () => {
    const hand = await inHand(noted(), <History />);
    await act(async () => {
      await hand.store.record(({ site: { reader } }) => [
        observe(reader, 'panel', { remark: 'rust on the can' }),
      ]);
      await hand.store.undo();
    });
    expect(document.body.textContent).toContain('Ines Marrable');
    const struck = [...document.querySelectorAll('li.line-through')];
    expect(struck).toHaveLength(1);
    expect(struck[0]!.textContent).toContain('rust on the can');
  });

  test('narrowed to one thing it shows that thing alone', async () => {
    await inHand(noted(), <History />);
    const all = document.querySelectorAll('li li').length;
    fireEvent.change(screen.getByRole('combobox'), { target: { value: 'damp' } });
    const some = document.querySelectorAll('li li');
    expect(some.length).toBeLessThan(all);
    for (const one of some) expect(one.textContent).toContain('Damp under the stair');
  });

  test('any moment shows the panel as it stood, to look at only', async () => {
    const hand = await inHand(noted(), <History />);
    const slider = screen.getByLabelText('Moment in the history');
    expect(document.body.textContent).toContain('As it stands');
    fireEvent.change(slider, { target: { value: '5' } });
    expect(document.body.textContent).toContain('After entry 5, to look at only');
    expect(screen.getByRole('img', { name: /after entry 5$/ }).textContent).not.toContain(
      'kitchen',
    );
    expect(hand.recorded()).toEqual([]);
  });
});
