import { describe, expect, test } from '@jest/globals';
import { answeringOf } from './answer';
import { toldOf } from './told';

const origin = 'https://east.example';
const asked = (path: string, more: Partial<Parameters<typeof answeringOf>[0]> = {}) =>
  answeringOf({ method: 'GET', url: origin + path, origin, navigates: false, ...more });
const page = (path: string) => asked(path, { navigates: true });

describe('how the device answers', () => {
  test.each(['/_next/static/chunks/a.js', '/_next/static/media/b.woff2', '/icon.svg', '/draft.js'])(
    '%s: a file of the build',
    (path) => expect(asked(path)).toEqual({ kind: 'file' }),
  );

  test.each([
    '/api/entries',
    '/api/books/one',
    '/api/today',
    '/api/library',
    `/pictures/${'a'.repeat(64)}`,
    '/inspections/one/report.json',
    '/_next/image?url=x',
    '/sw.js',
  ])('%s: the server’s word alone', (path) => expect(asked(path)).toEqual({ kind: 'pass' }));

  test('what follows a link within a page is asked of the server', () => {
    expect(asked('/inspections/one/walk?_rsc=1')).toEqual({ kind: 'pass' });
  });

  test.each([
    ['/', '/', ''],
    ['/?q=weir', '/', ''],
    ['/library', '/library', ''],
    ['/inspections/one-2/walk', '/inspections/id-of-the-inspection-asked-for/walk', 'one-2'],
    [
      '/inspections/one/report?for=record',
      '/inspections/id-of-the-inspection-asked-for/report',
      'one',
    ],
  ])('%s is a kept page', (path, kept, id) =>
    expect(page(path)).toEqual({ kind: 'shell', path: kept, id }),
  );

  test.each([
    '/inspections/one/issue',
    '/office/people',
    '/sign-in',
    `/r/${'t'.repeat(43)}`,
    '/issued/one',
    '/inspections/one/walk/more',
    `/inspections/${'x'.repeat(65)}/walk`,
    '/inspections/a%2Fb/walk',
  ])('%s is the server’s page', (path) => expect(page(path)).toEqual({ kind: 'page' }));

  test('what is sent, and what is another’s, is not looked at', () => {
    expect(asked('/', { method: 'POST', navigates: true })).toEqual({ kind: 'pass' });
    expect(asked('', { url: 'https://other.example/_next/static/a.js' })).toEqual({ kind: 'pass' });
  });
});

describe('what pages tell', () => {
  test('words of ours alone are heard', () => {
    expect(toldOf({ kind: 'take-over' })).toEqual({ kind: 'take-over' });
    expect(toldOf({ kind: 'theme', theme: 'dark' })).toEqual({ kind: 'theme', theme: 'dark' });
  });
  test.each([
    undefined,
    null,
    'take-over',
    {},
    { kind: 'theme' },
    { kind: 'theme', theme: 'toString' },
    { kind: 'theme', theme: '"><script>' },
  ])('%j is none', (data) => expect(toldOf(data)).toBeUndefined());
});
