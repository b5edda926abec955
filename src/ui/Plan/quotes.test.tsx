/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { chosenPlans } from '@/core/advise/planning/chosen-plans';
import { quotesOf } from '@/core/advise/planning/quotes';
import { bench } from '@/core/testing/bench';
import { useBook } from '../Book/context';
import { inHand, type } from '../testing/in-hand';
import { lazily } from '../primitives/lazily';

const Quotes = lazily(async () => (await import('./Quotes')).Quotes);

afterEach(cleanup);

function chosen() {
  const { book } = bench({ rows: 4 }).lines('1 20');
  book.add('plan', 'p', 'site', {
    planName: 'All defects',
    planCost: { low: 300, likely: 400, high: 600 },
    planLines: [
      { id: 'a', says: 'Breaker 5: 20 A out, 15 A in', cost: { low: 40, likely: 60, high: 80 } },
      { id: 'b', says: 'Blank in 24', cost: { low: 10, likely: 20, high: 30 } },
    ],
  });
  return book.entries;
}

function Shown() {
  const { state } = useBook();
  const [plan] = chosenPlans(state.assessment.site.reader, state.entries);
  return <Quotes plan={plan!} currency="$" />;
}
const said = () => document.body.textContent!;
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));

describe('quotes', () => {
  test('are entered with what they name, held against the plan in neutral words, taken away again', async () => {
    const hand = await inHand(chosen(), <Shown />);
    expect(said()).toContain('Quotes for All defects: 0 of 6');
    press('Add a quote');
    type('Quote from', 'Lamp and Quay');
    type('Sum', '1,250.50');
    fireEvent.click(screen.getByRole('checkbox', { name: 'Blank in 24' }));
    type('Sum for: Breaker 5: 20 A out, 15 A in', '60');
    type('What it has besides', 'A new panel');
    press('Record the quote');
    await waitFor(() => expect(said()).toContain('Quotes for All defects: 1 of 6'));
    const [quote] = quotesOf(hand.reader(), 'p');
    expect(quote).toMatchObject({
      from: 'Lamp and Quay',
      sum: 1250.5,
      lines: [
        { work: 'a', says: 'Breaker 5: 20 A out, 15 A in', sum: 60 },
        { work: null, says: 'A new panel', sum: null },
      ],
    });
    expect(said()).toContain('above the range of the cost book');
    expect(said()).toContain('Breaker 5: 20 A out, 15 A in: $60, within');
    expect(said()).toContain('Does not name: Blank in 24.');
    expect(said()).toContain('Has besides: A new panel (no sum).');
    expect(said()).not.toMatch(/overcharg|too (dear|expensive)|cheat/i);
    press('Take away the quote from Lamp and Quay');
    await waitFor(() => expect(said()).toContain('0 of 6'));
  });

  test('without a name or with something that is no sum, nothing is recorded and it says what is expected', async () => {
    const hand = await inHand(chosen(), <Shown />);
    press('Add a quote');
    type('Sum', 'about a thousand');
    press('Record the quote');
    await screen.findByRole('alert');
    expect(screen.getByRole('alert').textContent).toContain('Say whom the quote is from');
    expect(screen.getByRole('alert').textContent).toContain('A sum of money is expected');
    expect(quotesOf(hand.reader(), 'p')).toEqual([]);
  });
});
