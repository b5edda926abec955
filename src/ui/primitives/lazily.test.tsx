/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { fetchParts } from '@/client/later';
import { lazily } from './lazily';

afterEach(cleanup);

const Part = ({ words }: { words: string }) => <p>part: {words}</p>;

describe('a part of a view that is fetched later', () => {
  test('is fetched when it is drawn, once, and drawn with what it was given', async () => {
    let fetched = 0;
    const Later = lazily(async () => {
      fetched += 1;
      return Promise.resolve(Part);
    });
    expect(fetched).toBe(0);
    render(
      <>
        <Later words="one" />
        <Later words="two" />
      </>,
    );
    expect(await screen.findByText('part: one')).toBeTruthy();
    expect(screen.getByText('part: two')).toBeTruthy();
    expect(fetched).toBe(1);
  });
  test('that was fetched before is there at once', async () => {
    const Later = lazily(() => Promise.resolve(Part));
    await fetchParts();
    render(<Later words="at once" />);
    expect(screen.getByText('part: at once')).toBeTruthy();
  });
  test('that cannot be fetched says so in its place, and is fetched again when asked', async () => {
    let network = false;
    const Later = lazily(() =>
      network ? Promise.resolve(Part) : Promise.reject(new Error('no network')),
    );
    render(
      <>
        <p>the rest</p>
        <Later words="here" />
      </>,
    );
    expect((await screen.findByRole('alert')).textContent).toContain('could not be fetched');
    expect(screen.getByText('the rest')).toBeTruthy();
    network = true;
    fireEvent.click(screen.getByRole('button', { name: 'Fetch it again' }));
    expect(await screen.findByText('part: here')).toBeTruthy();
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
