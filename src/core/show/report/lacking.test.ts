import { describe, expect, test } from '@jest/globals';
import { bench } from '../../testing/bench';
import { composeReport } from './compose';
import { lackingIn } from './lacking';

const then = bench().lines('5 20 14cu:b m1 n1', '7 20 2x12cu m1 n2', '24 open!').assess();
const { findings } = composeReport(then, { inspection: 'one', asOf: '2026-04-14', authors: [] });
const overcurrent = findings.find(({ rule }) => rule === 'breaker/overcurrent')!;

describe('what an issued report lacks by the rules as they are now', () => {
  test('nothing, where they say the same', () => expect(lackingIn({ findings }, then)).toEqual([]));

  test('an Urgent it does not have, with its place and grade', () =>
    expect(lackingIn({ findings: findings.filter((one) => one !== overcurrent) }, then)).toEqual([
      {
        key: `breaker/overcurrent|${overcurrent.ref}`,
        title: overcurrent.title,
        place: 'Breaker 5',
        grade: 'urgent',
        was: undefined,
      },
    ]));

  test('an Urgent it has at a lesser grade; not one it has at a graver', () => {
    const at = (grade: 'repair' | 'danger') =>
      findings.map((one) => (one === overcurrent ? { ...one, grade } : one));
    expect(lackingIn({ findings: at('repair') }, then)).toMatchObject([
      { place: 'Breaker 5', grade: 'urgent', was: 'repair' },
    ]);
    expect(lackingIn({ findings: at('danger') }, then)).toEqual([]);
  });

  test('nothing below Urgent', () => {
    const pressing = findings.filter(({ grade }) => grade === 'danger' || grade === 'urgent');
    expect(pressing.length).toBeLessThan(findings.length);
    expect(lackingIn({ findings: pressing }, then)).toEqual([]);
  });
});
