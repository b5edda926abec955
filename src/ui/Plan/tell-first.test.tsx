/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { tellFirst } from '@/core/advise/planning/tell-first';
import { bench } from '@/core/testing/bench';
import { inHand, pressable, type } from '../testing/in-hand';
import { TellFirst } from './TellFirst';

afterEach(cleanup);

function chosen() {
  const { book } = bench({ rows: 4 }).lines('1 20');
  book.add('plan', 'p', 'site', {
    planName: 'Lasting',
    planTell: [
      { whom: 'permit', why: 'the panel is replaced', days: 5 },
      { whom: 'permit', why: 'the bond is changed', days: 2 },
      { whom: 'utility', why: 'the service is shut off', days: 10 },
    ],
  });
  return book.entries;
}
const said = () => document.body.textContent!;

describe('told before the work', () => {
  test('each once, with all reasons, the longest wait, and what is still wanted', async () => {
    await inHand(chosen(), <TellFirst plan="p" />);
    expect(said()).toContain('2 references wanted: work does not begin before.');
    expect(said()).toContain(
      'Permit desk: the panel is replaced and the bond is changed; about 5 days',
    );
    expect(said()).toContain('Utility: the service is shut off; about 10 days');
  });

  test('a reference is written down, and one is given by a stand-in after its delay', async () => {
    const hand = await inHand(chosen(), <TellFirst plan="p" />);
    type('Permit desk, permit number', 'MLP-0417');
    fireEvent.click(pressable('Record')[0]!);
    await waitFor(() => expect(said()).toContain('1 reference wanted'));
    fireEvent.click(pressable('Ask a stand-in desk, for practice')[0]!);
    expect(said()).toContain('Asked: an answer takes a while');
    await waitFor(() => expect(said()).toContain('All references are here.'), { timeout: 8000 });
    expect(tellFirst(hand.reader(), 'p').map(({ whom, reference }) => [whom, reference])).toEqual([
      ['permit', 'MLP-0417'],
      ['utility', expect.stringMatching(/^MLU-\d{4}$/)],
    ]);
  });

  test('nobody to tell, nothing is said', async () => {
    const { book } = bench({ rows: 4 }).lines('1 20');
    book.add('plan', 'p', 'site', { planName: 'Least to be safe' });
    await inHand(book.entries, <TellFirst plan="p" />);
    expect(screen.queryByRole('region', { name: 'Tell first' })).toBeNull();
  });
});
