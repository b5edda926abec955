import { describe, expect, test } from '@jest/globals';
import { bench } from '../../testing/bench';
import { hang } from './hang';
import { deviceAt } from './device-at';

const site = () => {
  const made = bench().lines('9+11 60 6cu/6cu shed');
  made.book.add('panel', 'shed', 'house', { rows: 4 });
  made.book.add('source', 'generator', 'house', {});
  return made;
};

describe('what hangs on what, by both ends', () => {
  test.each([
    ['a disconnect on the service', { thing: 'service' }, 'disconnect', 'service'],
    ['a panel on a disconnect', { thing: 'disconnect' }, 'shed', 'disconnect'],
    ['a panel on the lugs of another', { thing: 'panel', by: 'lugs' as const }, 'shed', 'panel'],
  ])('%s', (_, from, to, fedFrom) => {
    const { book } = site();
    const hung = hang(from, to, book.site);
    if (!hung.ok) throw new Error(hung.message);
    book.record(hung.drafts);
    expect(book.site.reader.value(to, 'fedFrom')).toBe(fedFrom);
  });

  test('a panel on a breaker, and the lugs are said to be there where they feed', () => {
    const { book } = site();
    const { id } = deviceAt(book.site.panels[0]!, 9)!;
    const byBreaker = hang({ thing: 'panel', by: { device: id } }, 'shed', book.site);
    if (!byBreaker.ok) throw new Error(byBreaker.message);
    book.record(byBreaker.drafts);
    expect(book.site.panels.find((one) => one.id === 'shed')!.supply.place).toBe('downstream');
    const byLugs = hang({ thing: 'panel', by: 'lugs' }, 'shed', book.site);
    if (!byLugs.ok) throw new Error(byLugs.message);
    book.record(byLugs.drafts);
    expect(book.site.reader.value('panel', 'feedThroughLugs')).toBe(true);
  });

  test('a second supply feeds a panel', () => {
    const { book } = site();
    const hung = hang({ thing: 'generator' }, 'panel', book.site);
    if (!hung.ok) throw new Error(hung.message);
    book.record(hung.drafts);
    expect(book.site.reader.value('generator', 'feeds')).toBe('panel');
  });

  test.each([
    ['itself', { thing: 'panel' }, 'panel', /on itself/],
    ['the service on a panel', { thing: 'panel' }, 'service', /fed by nothing here/],
    ['a panel without saying which breaker', { thing: 'panel' }, 'shed', /which breaker/],
    ['a second supply into a meter', { thing: 'generator' }, 'disconnect', /touch the panel/],
    ['nothing', { thing: 'nowhere' }, 'shed', /not recorded/],
  ])('refused: %s', (_, from, to, message) => {
    const hung = hang(from, to, site().book.site);
    expect(hung.ok ? '' : hung.message).toMatch(message);
  });

  test('refused: a loop', () => {
    const { book } = site();
    book.observe('shed', { fedFrom: 'panel' });
    const hung = hang({ thing: 'shed', by: 'lugs' }, 'panel', book.site);
    expect(hung.ok ? '' : hung.message).toMatch(/already/);
  });
});
