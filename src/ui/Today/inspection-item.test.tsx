/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { cleanup, render } from '@testing-library/react';
import { InspectionItem } from './InspectionItem';
import type { InspectionLine } from './sent';

afterEach(cleanup);

const line: InspectionLine = {
  id: 'one',
  place: 'Sluice cottage',
  address: '2 Weir Lane',
  asOf: '2026-04-14',
  entries: 120,
  findings: {},
  seenShare: 0.4,
  acts: undefined,
  dangerOpen: 0,
  dueOn: null,
  stage: 'issued',
  issuedAs: '2026-0003',
  inHand: null,
  behind: false,
};
const words = (over: Partial<InspectionLine>) =>
  render(<InspectionItem line={{ ...line, ...over }} />).container;

describe('an inspection of the list', () => {
  test('tells what was found, and how much was seen', () => {
    const { textContent } = words({ findings: { danger: 1 } });
    expect(textContent).toContain('Danger now 1');
    expect(textContent).toContain('40 % of the checks seen');
  });
  test('judged and found sound it has no findings', () =>
    expect(words({}).textContent).toContain('no findings'));
  test('whose latest entries nobody judged says so, and neither that nothing was found nor how much was seen', () => {
    const { textContent } = words({ behind: true });
    expect(textContent).toContain('entries arrived that are not judged yet');
    expect(textContent).not.toMatch(/no findings|seen/);
  });
});
