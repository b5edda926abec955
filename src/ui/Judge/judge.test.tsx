/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { bench } from '@/core/testing/bench';
import { inHand, pressable, type } from '../testing/in-hand';
import { Judge } from './Judge';

afterEach(cleanup);

/** A danger, a repair, and a note. */
const entries = () =>
  bench().lines(
    'main 100',
    '7 20 2x12cu m1 kitchen',
    '24 open!',
    '9 20 14cu hall',
    '11 20 2x12cu m1 bath',
  ).book.entries;
const choose = (words: RegExp) => fireEvent.click(pressable(words)[0]!);

describe('judging', () => {
  test('findings stand gravest first, each with its word', async () => {
    await inHand(entries(), <Judge />);
    const grades = pressable(/^\d+\s*(Danger now|Urgent|Repair|Plan|Note)/).map(
      (one) => /(Danger now|Urgent|Repair|Plan|Note)/.exec(one.textContent!)![0],
    );
    const order = ['Danger now', 'Urgent', 'Repair', 'Plan', 'Note'];
    expect(grades[0]).toBe('Danger now');
    expect(grades.map((one) => order.indexOf(one))).toEqual(
      grades.map((one) => order.indexOf(one)).sort((a, b) => a - b),
    );
  });

  test('another grade asks for a reason before it can be kept', async () => {
    const hand = await inHand(entries(), <Judge />);
    choose(/More conductors under a screw/);
    const keep = () => pressable('Keep this')[0] as HTMLButtonElement;
    fireEvent.change(screen.getByLabelText(/^Grade$/), { target: { value: 'note' } });
    expect(keep().disabled).toBe(true);
    type(/^Reason/, 'One wire is a dead end, cut and capped.');
    expect(keep().disabled).toBe(false);
    await (await hand.press('Keep this')).andKept();
    const all = hand.findings().filter(({ overrule }) => overrule);
    // One word on one thing holds at both its places.
    expect(all.map(({ verdict }) => verdict.place.label)).toEqual(['Breaker 7', 'Breaker 11']);
    const [ruled] = all;
    expect(ruled).toMatchObject({ grade: 'note', verdict: { rule: { id: 'breaker/double-tap' } } });
    expect(ruled!.overrule!.reason).toBe('One wire is a dead end, cut and capped.');
  });

  test('a danger made safe is kept with what was done; it stays a finding', async () => {
    const hand = await inHand(entries(), <Judge />);
    type(/^Made safe/, 'A filler plate, 11:40');
    await (await hand.press('Keep this')).andKept();
    const [danger] = hand.findings();
    expect(danger).toMatchObject({ grade: 'danger', madeSafe: 'A filler plate, 11:40' });
  });

  test('a second word on the same finding changes the first, and makes no second', async () => {
    const hand = await inHand(entries(), <Judge />);
    for (const words of ['A plate', 'A plate, screwed']) {
      type(/^Made safe/, words);
      await (await hand.press('Keep this')).andKept();
    }
    const things = [...hand.reader().inspection.things.values()];
    expect(things.filter(({ type: kind }) => kind === 'ruling')).toHaveLength(1);
    expect(hand.findings()[0]!.madeSafe).toBe('A plate, screwed');
  });

  test('the order in the report is moved by hand', async () => {
    const hand = await inHand(entries(), <Judge />);
    const doubled = () =>
      hand
        .findings()
        .filter(({ verdict }) => verdict.rule.id === 'breaker/double-tap')
        .map(({ verdict }) => verdict.place.label);
    expect(doubled()).toEqual(['Breaker 7', 'Breaker 11']);
    choose(/More conductors under a screw/);
    await (await hand.press('b Breaker 11')).andKept();
    choose(/Breaker 11.*2 conductors under one screw/);
    await (await hand.press('Earlier in the report')).andKept();
    await waitFor(() => expect(doubled()).toEqual(['Breaker 11', 'Breaker 7']));
  });

  test('like findings are one item with its places; one split off is an item of its own', async () => {
    const hand = await inHand(entries(), <Judge />);
    const numbered = () => pressable(/^\d+(Danger now|Urgent|Repair|Plan|Note)/).length;
    const before = numbered();
    expect(hand.findings().length).toBe(before + 1);
    choose(/More conductors under a screw/);
    expect(pressable(/^\d+aBreaker 7/).length).toBeGreaterThan(0);
    await (await hand.press('a Breaker 7')).andKept();
    await waitFor(() => expect(numbered()).toBe(before + 1));
    choose(/Breaker 7.*2 conductors under one screw/);
    await (await hand.press('Tell it with those like it again')).andKept();
    await waitFor(() => expect(numbered()).toBe(before));
  });

  test('what was agreed and not done gets its reason and who sees to it', async () => {
    const hand = await inHand(entries(), <Judge />);
    await (await hand.press('something stands in the way')).andKept();
    const [omission] = [...hand.reader().inspection.things.values()].filter(
      ({ type: kind }) => kind === 'omission',
    );
    expect(hand.reader().value(omission!.id, 'omittedBecause')).toBe('blocked');
    const act = hand
      .assessment()
      .visit.acts.find(({ key }) => key === hand.reader().value(omission!.id, 'omits'))!;
    expect(act.omission!.because).toBe('blocked');
    expect(act.wants.length).toBeGreaterThan(0);
    await waitFor(() =>
      expect(document.body.textContent).toContain('Not done: something stands in the way'),
    );
  });

  test('reported under another, it is told there and no more by itself', async () => {
    const hand = await inHand(entries(), <Judge />);
    choose(/20 A on 14 copper/);
    const before = hand.findings().length;
    const other = hand.findings().find(({ key }) => key.startsWith('breaker/double-tap'))!;
    fireEvent.change(screen.getByLabelText('Report it under another finding'), {
      target: { value: other.key },
    });
    await hand.kept(1);
    await waitFor(() => expect(hand.findings()).toHaveLength(before - 1));
    const kept = hand.findings().find(({ key }) => key === other.key)!;
    expect(kept.absorbed.map(({ rule }) => rule.id)).toContain('breaker/overcurrent');
  });

  test('another school grades all of it anew, and is recorded of the visit', async () => {
    const hand = await inHand(entries(), <Judge />);
    fireEvent.change(screen.getByLabelText('Graded'), { target: { value: 'by-the-evidence' } });
    await hand.kept(1);
    expect(hand.reader().value('site', 'school')).toBe('by-the-evidence');
    await waitFor(() =>
      expect(hand.store.snapshot().assessment.settings.school).toBe('by-the-evidence'),
    );
  });
});
