/** @jest-environment jsdom */
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { cleanup, render, screen } from '@testing-library/react';
import type { Hand, Present } from '@/core/fieldwork/hand/hand';
import { bench } from '@/core/testing/bench';
import { inHand, pressable } from '../testing/in-hand';
import type { LiveContext } from './context';
import { LiveProvider } from './context';
import { handWords, initialsOf } from './hand-words';
import { HereStrip } from './HereStrip';
import { useFollowing } from './use-following';

afterEach(cleanup);

const site = () => bench().lines('7 20 12cu kitchen').book.site;
const at = (selection: Hand['selection'], panel = 'panel'): Hand => ({ panel, selection });

test.each([
  [at({ kind: 'position', number: 7 }), 'at Breaker 7'],
  [at({ kind: 'position', number: 9 }), 'at position 9'],
  [at({ kind: 'screw', bar: 'nbar', number: 3 }), 'at Neutral screw 3'],
  [at({ kind: 'stage', stage: 3 }), 'at stage 3, Outside'],
  [at({ kind: 'position', number: 1 }, 'elsewhere'), 'at a panel that is not here yet'],
  [undefined, 'has it open'],
])('%j is said as %s', (hand, words) => {
  expect(handWords(hand, site(), 'panel')).toBe(words);
});

test('a panel that is not in hand here is named', () => {
  expect(handWords(at({ kind: 'position', number: 7 }), site(), 'other')).toBe(
    'at Breaker 7, Panel',
  );
});

test.each([
  ['Bram Oxgate', 'BO'],
  ['ines', 'I'],
  ['', '?'],
])('%s is marked as %s', (name, initials) => {
  expect(initialsOf(name)).toBe(initials);
});

const bram: Present = {
  device: 'phone-2',
  member: 'bram',
  name: 'Bram Oxgate',
  hand: at({ kind: 'position', number: 7 }),
};
const live = (over: Partial<LiveContext>): LiveContext => ({
  others: [bram],
  hearing: 'live',
  authors: [],
  last: undefined,
  met: true,
  following: undefined,
  follow: () => undefined,
  ...over,
});

describe('over the views', () => {
  const strip = (over: Partial<LiveContext>) =>
    inHand(
      bench().lines('7 20 12cu kitchen').book.entries,
      <LiveProvider value={live(over)}>
        <HereStrip />
      </LiveProvider>,
    );

  test('who is there, what he has in hand, and to follow him', async () => {
    const follow = jest.fn();
    await strip({ follow });
    expect(screen.getByRole('status').textContent).toContain('Bram Oxgate at Breaker 7');
    pressable('Follow Bram Oxgate')[0]!.click();
    expect(follow).toHaveBeenCalledWith('phone-2');
  });

  test('followed, the same button ends it', async () => {
    const follow = jest.fn();
    await strip({ follow, following: 'phone-2' });
    const [button] = pressable('Follow Bram Oxgate');
    expect(button!.getAttribute('aria-pressed')).toBe('true');
    button!.click();
    expect(follow).toHaveBeenCalledWith(undefined);
  });

  test('many are counted', async () => {
    await strip({
      others: Array.from({ length: 50 }, (_, nth) => ({ ...bram, device: `d${nth}` })),
    });
    expect(screen.getByRole('status').textContent).toContain('and 47 more');
  });

  test('while nothing is heard, nobody is said to be there, and that is said', async () => {
    await strip({ others: [], hearing: 'deaf' });
    expect(screen.getByRole('status').textContent).toContain('not known just now');
  });
});

const ignored = () => undefined;

describe('following', () => {
  function Follower({ others, to }: { others: Present[]; to: ReturnType<typeof jest.fn> }) {
    const { following, follow } = useFollowing(others, {
      select: to as never,
      setPanelId: ignored,
    });
    return (
      <button onClick={() => follow(following ? undefined : 'phone-2')}>
        {following ?? 'nobody'}
      </button>
    );
  }

  test('what he takes in hand is in hand here, until he leaves', async () => {
    const to = jest.fn();
    const { rerender } = render(<Follower others={[bram]} to={to} />);
    screen.getByRole('button').click();
    await screen.findByText('phone-2');
    expect(to).toHaveBeenLastCalledWith({ kind: 'position', number: 7 });
    const moved = { ...bram, hand: at({ kind: 'stage', stage: 9 }) };
    rerender(<Follower others={[moved]} to={to} />);
    expect(to).toHaveBeenLastCalledWith({ kind: 'stage', stage: 9 });
    rerender(<Follower others={[{ ...moved }]} to={to} />);
    expect(to).toHaveBeenCalledTimes(2);
    rerender(<Follower others={[]} to={to} />);
    expect(screen.getByRole('button').textContent).toBe('nobody');
  });
});
