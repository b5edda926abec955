import { expect, test } from '@jest/globals';
import { bench } from '../../testing/bench';
import { composeReport } from './compose';
import { workList } from './work-list';
import { readReportData } from './versions';

/** A report as the first version sealed it: the literal stays as it is. */
const first = {
  inspection: 'old',
  place: 'Old house',
  address: '3 Sluice Row',
  organisation: 'Test office',
  asOf: '14 April 2026',
  authors: [{ id: 'ines', name: 'Ines Marrable', licence: '' }],
  yardstick: 'National Electrical Code, 2020 edition',
  school: 'graded by the label',
  differs: [],
  summary: ['Nothing was found that is a danger now.', 'One repair within 90 days.', 'x'],
  firstThings: [],
  findings: [
    {
      number: 1,
      rule: 'breaker/double-tap',
      ref: 'd1/t1',
      panel: 'panel',
      panelName: 'Main panel',
      place: 'Breaker 7',
      title: 'More conductors under a breaker screw than it is marked for',
      short: '2 conductors under one screw marked for 1',
      seen: '2 conductors are under the screw.',
      why: 'It heats.',
      ask: 'A place of its own.',
      who: 'a licensed electrician',
      grade: 'repair',
      gradeWord: 'Repair',
      by: 'by 13 July 2026',
      certainty: 'seen',
      severity: 4,
      likelihood: 2,
      severityWord: 'death, or fire in the building',
      likelihoodWord: 'possible',
      sources: ['110.14(A): terminals'],
      remedies: ['A breaker of its own in a free position'],
      presumes: [],
      absorbed: [],
      trace: [],
      recorded: [],
    },
  ],
  panels: [
    { id: 'panel', name: 'Main panel', marks: [{ number: 1, grade: 'repair', ref: 'd1/t1' }] },
  ],
  notSeen: [],
  coverage: { found: 1, clear: 0, notSeen: 0, seenShare: 1 },
  readings: [],
  whatIfs: [],
  doubts: [],
  cautions: ['Treat everything as live until it is proven dead.'],
  lengths: 'metric',
};

test('a report of the first version is read: what it said stays, what it lacked is empty', () => {
  const read = readReportData(structuredClone(first));
  expect(read).toMatchObject({
    version: 8,
    place: 'Old house',
    summary: first.summary,
    photos: [],
  });
  expect(read.findings[0]).toMatchObject({
    ...first.findings[0],
    exact: [],
    torque: '',
    photos: [],
  });
  expect(workList(read)).toHaveLength(1);
});
/** The same as the second version sealed it: the literal stays as it is. */
const second = {
  ...first,
  version: 2,
  photos: [],
  directories: [],
  shutOff: [{ panelName: 'Main panel', how: ['The main, 100 A: one handle.'], staysLive: 'wires' }],
  comparisons: [],
  glossary: [],
  referrals: [],
  notes: [],
  staysOn: 'freezer',
  panels: [{ ...first.panels[0], label: 'bus 125 A' }],
  findings: [
    {
      ...first.findings[0],
      remediesInOrder: false,
      hazards: ['fire'],
      photos: [],
      exact: ['Breaker 7: 20 A'],
      torque: '4 N·m by the panel’s label',
      isolation: 'The main, 100 A: one handle.',
      readingsAfter: ['torque'],
    },
  ],
};

test('a report of the second version is read: nothing of it changes, what it lacked is empty', () => {
  const read = readReportData(structuredClone(second));
  expect(read).toMatchObject({ ...second, version: 8, head: [], told: [] });
  expect(read.findings[0]).toMatchObject({ also: [], untilThen: [] });
});
test('one of today is read as it is', () => {
  const today = composeReport(bench().lines('7 20 2x12cu m1 kitchen').assess(), {
    inspection: 'one',
    asOf: '2026-04-14',
    authors: [],
  });
  expect(readReportData(today)).toBe(today);
});
