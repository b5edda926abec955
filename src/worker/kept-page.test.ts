import { describe, expect, test } from '@jest/globals';
import { drawnPage, filesNamedIn } from './kept-page';
import { idMark } from './shell-paths';

const kept = () =>
  new Response(
    `<html lang="en" data-theme="light"><script nonce="b2xk" src="/_next/static/a.js"></script>/api/books/${idMark}`,
    {
      headers: {
        'content-type': 'text/html; charset=utf-8',
        'content-encoding': 'gzip',
        'content-length': '9',
        'content-security-policy': "script-src 'self' 'nonce-b2xk'; object-src 'none'",
        'x-frame-options': 'DENY',
      },
    },
  );

describe('a page kept on the device', () => {
  test('is drawn for the inspection asked for, in the theme, with a nonce of its own', async () => {
    const page = await drawnPage(kept(), { id: 'one', theme: 'dark', nonce: 'bmV3' });
    expect(await page.text()).toBe(
      '<html lang="en" data-theme="dark"><script nonce="bmV3" src="/_next/static/a.js"></script>/api/books/one',
    );
    expect(page.headers.get('content-security-policy')).toBe(
      "script-src 'self' 'nonce-bmV3'; object-src 'none'",
    );
    expect(page.headers.get('x-frame-options')).toBe('DENY');
    expect(page.headers.get('content-encoding')).toBeNull();
    expect(page.headers.get('content-length')).toBeNull();
  });

  test('without a theme of this device it keeps its own; a theme that is none changes nothing', async () => {
    for (const theme of ['', '"><script>'])
      expect(await (await drawnPage(kept(), { id: 'one', theme, nonce: 'bmV3' })).text()).toContain(
        'data-theme="light"',
      );
  });

  test('names the files of its build', () => {
    expect(
      filesNamedIn(
        '<a href="/_next/static/chunks/0_-a.js?x"/><b src="/_next/static/chunks/0_-a.js">',
      ),
    ).toEqual(['/_next/static/chunks/0_-a.js']);
  });
});
