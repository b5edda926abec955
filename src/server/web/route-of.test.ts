import { expect, test } from '@jest/globals';
import { routeNamer } from './route-of';

const routeOf = routeNamer([
  ...['/', '/reset', '/reset/submit', '/reset/[token]', '/reset/[token]/submit', '/join/[token]'],
  ...[
    '/r/[token]',
    '/r/[token]/report.pdf',
    '/inspections/[id]/walk',
    '/inspections/[id]/data/[file]',
  ],
  ...['/api/packages', '/api/packages/[id]', '/office/deeds', '/library'],
]);

test.each([
  ['/', '/'],
  ['/inspections/abc-1/walk', '/inspections/*/walk'],
  ['/inspections/abc-1/data/report.csv', '/inspections/*/data/*'],
  [`/r/${'g'.repeat(43)}`, '/r/*'],
  [`/r/${'g'.repeat(43)}/report.pdf`, '/r/*/report.pdf'],
  [`/r/${'g'.repeat(43)}/reportXpdf`, 'other'],
  [`/reset/${'g'.repeat(43)}/submit`, '/reset/*/submit'],
  ['/reset/submit', '/reset/submit'],
  ['/api/packages/0b7ee1f0-4a4b-4d43-9f64-6a3b1e1a0001', '/api/packages/*'],
  ['/health/ready', '/health/ready'],
  ['/_next/static/chunks/a.js', '/_next'],
  ['/wp-login.php', 'other'],
  ['/library/anything', 'other'],
  ['/ines@marrow-lock.example', 'other'],
])('%s is written as %s', (path, route) => expect(routeOf(path)).toBe(route));

test('a thousand paths are no more names than there are routes', () => {
  const names = new Set(
    Array.from({ length: 1000 }, (_, nth) =>
      routeOf(`/${['api', 'office', 'inspections', 'x'][nth % 4]}/a${nth}`),
    ),
  );
  expect([...names]).toEqual(['other']);
});
