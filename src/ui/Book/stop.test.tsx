/** @jest-environment jsdom */
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import type { Facts } from '@/core/record/entries/properties';
import { bench } from '@/core/testing/bench';
import type { Bench } from '@/core/testing/bench';
import type { BookContext } from './context';
import { BookContextProvider } from './context';
import { DangerCard } from './DangerCard';
import { StopStrip } from './StopStrip';

afterEach(cleanup);

/** What stands over every view, with a panel of a bench behind it. */
function Over({ made, observe }: { made: Bench; observe: BookContext['actions']['observe'] }) {
  const [asked, askAgain] = useState(0);
  const value = { state: { assessment: made.assess() }, actions: { observe } };
  return (
    <BookContextProvider.Provider value={value as unknown as BookContext}>
      <StopStrip ask={() => askAgain((times) => times + 1)} />
      <DangerCard asked={asked} />
    </BookContextProvider.Provider>
  );
}

const stopped = (facts: Facts = {}) => bench().facts({ goOn: 'stop', ...facts }, 'house');
function show(made: Bench) {
  const observe = jest.fn<BookContext['actions']['observe']>(() => Promise.resolve(undefined));
  const shown = render(<Over made={made} observe={observe} />);
  return {
    observe,
    again: (next: Bench) => shown.rerender(<Over made={next} observe={observe} />),
  };
}
const card = () => screen.queryByRole('dialog', { name: /Stop: not safe to go on/ });

describe('an inspection that was stopped', () => {
  test('opened while nobody is recorded as told: the card asks whom, and keeps it', () => {
    const { observe } = show(stopped());
    fireEvent.change(screen.getByRole('textbox', { name: 'Told whom, and when' }), {
      target: { value: 'the owner, 11:40' },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Keep this' }));
    expect(observe).toHaveBeenCalledWith('house', { toldWhom: 'the owner, 11:40' });
    expect(card()).toBeNull();
  });

  test('put away, it stays said over every view, and can be asked for again', () => {
    show(stopped());
    fireEvent.click(screen.getByRole('button', { name: 'Nobody told yet' }));
    expect(card()).toBeNull();
    const strip = screen.getByRole('status');
    expect(strip.textContent).toContain('not safe to go on');
    expect(strip.textContent).toContain('Nobody is recorded as told');
    fireEvent.click(screen.getByRole('button', { name: 'Record whom you told' }));
    expect(card()).not.toBeNull();
  });

  test('told: no card at opening, but still said', () => {
    show(stopped({ toldWhom: 'the owner, 11:40' }));
    expect(card()).toBeNull();
    expect(screen.getByRole('status').textContent).not.toContain('Nobody is recorded');
    fireEvent.click(screen.getByRole('button', { name: 'What to do' }));
    expect(card()).not.toBeNull();
  });

  test('a stop recorded now stops the walk; one taken back stands nowhere', () => {
    const { again } = show(bench());
    expect(screen.queryByRole('status')).toBeNull();
    again(stopped({ toldWhom: 'the owner' }));
    expect(card()).not.toBeNull();
    again(bench().facts({ goOn: 'yes' }, 'house'));
    expect(card()).toBeNull();
    expect(screen.queryByRole('status')).toBeNull();
  });

  test('every danger that arose at once stands on one card', () => {
    const { again } = show(bench());
    again(
      bench()
        .facts({ opening: 'open', liveMetalInPlane: true }, 'panel/c1r3')
        .facts({ metalTouched: 'tingle' }),
    );
    const dialogs = screen.getAllByRole('dialog');
    expect(dialogs).toHaveLength(1);
    expect(dialogs[0]!.textContent).toContain('tingle');
    const told = screen.getAllByRole('textbox', { name: 'Told whom, and when' });
    expect(told).toHaveLength(2);
    fireEvent.change(told[1]!, { target: { value: 'the owner' } });
    fireEvent.click(screen.getAllByRole('button', { name: 'Keep this and go on' })[0]!);
    expect(
      screen.getByRole<HTMLInputElement>('textbox', { name: 'Told whom, and when' }).value,
    ).toBe('the owner');
  });
});
