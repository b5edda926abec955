import { describe, expect, test } from '@jest/globals';
import { signInPath, wantedAfter } from './sign-in-path';

describe('where one goes after signing in', () => {
  test.each([
    '/',
    '/inspections/weir-cottage/walk',
    '/library',
    '/?q=weir',
    '/office/people',
    '/account',
  ])('to a view of ours: %s', (path) => expect(wantedAfter(path)).toBe(path));

  test.each([
    undefined,
    '',
    'https://elsewhere.example',
    '//elsewhere.example',
    '/\\elsewhere.example',
    '/inspections/../sign-out',
    '/inspections//elsewhere.example',
    '/sign-out',
    '/sign-in?after=/sign-in',
    '/r/a-client-link',
    '/library\nset-cookie: a=b',
    '/inspections/a/walk#javascript:alert(1)',
    `/inspections/${'a'.repeat(400)}`,
  ])('nowhere else: %j', (path) => expect(wantedAfter(path)).toBe('/'));

  test('is said in the path one signs in on, with what became of it', () => {
    expect(signInPath('/')).toBe('/sign-in');
    expect(signInPath('/inspections/weir/walk')).toBe(
      '/sign-in?after=%2Finspections%2Fweir%2Fwalk',
    );
    expect(signInPath('/library', 'refused')).toBe('/sign-in?after=%2Flibrary&outcome=refused');
    expect(signInPath('//elsewhere.example', 'refused')).toBe('/sign-in?outcome=refused');
  });
});
