import { expect, test } from '@jest/globals';
import { routeOf } from './route-of';

test.each([
  ['/', '/'],
  ['/inspections/abc-1/walk', '/inspections/*/walk'],
  ['/inspections/abc-1/data/report.csv', '/inspections/*/data'],
  ['/inspections/walk', '/inspections/*'],
  [`/r/${'g'.repeat(43)}`, '/r/*'],
  [`/r/${'g'.repeat(43)}/report.pdf`, '/r/*/report.pdf'],
  [`/reset/${'g'.repeat(43)}/submit`, '/reset/*/submit'],
  ['/reset/submit', '/reset/submit'],
  ['/reset', '/reset'],
  [`/join/${'g'.repeat(43)}`, '/join/*'],
  ['/api/people/invite', '/api/people/invite'],
  ['/api/packages/0b7ee1f0-4a4b-4d43-9f64-6a3b1e1a0001', '/api/packages'],
  ['/office/deeds', '/office/deeds'],
  ['/_next/static/chunks/a.js', '/_next'],
  ['/wp-login.php', 'other'],
  ['/ines@marrow-lock.example', 'other'],
])('%s is written as %s', (path, route) => expect(routeOf(path)).toBe(route));
