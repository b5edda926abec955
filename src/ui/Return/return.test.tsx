/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { act, cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { composeReport } from '@/core';
import { bench } from '@/core/testing/bench';
import { observe } from '@/core/fieldwork/recording/draft';
import { inHand, pressable, type } from '../testing/in-hand';
import { ReturnVisit } from './ReturnVisit';

afterEach(cleanup);

function issued() {
  const made = bench().lines('main 100', '7 20 2x12cu m1 kitchen', '24 open!');
  const report = composeReport(made.assess(), {
    inspection: 'one',
    asOf: '2026-04-14',
    authors: [],
  });
  const { entries } = made.book;
  return {
    entries,
    issued: { ...report, number: '2026-0001', sealed: entries.map(({ id }) => id) },
  };
}
const item = (words: RegExp) => fireEvent.click(pressable(words)[0]!);

describe('a return visit', () => {
  test('without an issued report there is nothing to come back to', async () => {
    await inHand(issued().entries, <ReturnVisit issued={undefined} />);
    expect(document.body.textContent).toContain('none is issued yet');
  });

  test('begins by naming the report it comes back to', async () => {
    const { entries, issued: report } = issued();
    const hand = await inHand(entries, <ReturnVisit issued={report} />);
    await (await hand.press('Begin the return visit')).andKept();
    expect(hand.reader().value('site', 'returnOf')).toBe('2026-0001');
    expect(screen.queryByRole('button', { name: 'Begin the return visit' })).toBeNull();
  });

  test('a tick alone mends nothing: the facts decide, and the contradiction is said', async () => {
    const { entries, issued: report } = issued();
    const hand = await inHand(entries, <ReturnVisit issued={report} />);
    item(/2 conductors under one screw/);
    await (await hand.press('Mended')).andKept();
    await waitFor(() =>
      expect(document.body.textContent).toContain(
        'Ticked as mended, but the facts recorded do not show it.',
      ),
    );
    expect(document.body.textContent).toMatch(/[1-9]\d* of \d+ open by what is recorded now/);
  });

  test('what was recorded as blanked is mended by the rules, tick or no tick', async () => {
    const { entries, issued: report } = issued();
    const hand = await inHand(entries, <ReturnVisit issued={report} />);
    const place = hand.site().panels[0]!.positions.find(({ number }) => number === 24)!;
    await act(() =>
      hand.store
        .record(({ site: { reader } }) => [
          {
            kind: 'observe',
            about: place.ref,
            facts: { opening: 'blanked', liveMetalInPlane: false },
            certainty: 'seen',
            replaces: (['opening', 'liveMetalInPlane'] as const).flatMap((property) =>
              reader.facts(place.ref, property).map(({ entry }) => entry),
            ),
          },
        ])
        .then(() => undefined),
    );
    await waitFor(() =>
      expect(pressable(/Opening 24/)[0]!.textContent).toMatch(/mended: the rules find nothing now/),
    );
  });

  test('what was done is kept in words', async () => {
    const { entries, issued: report } = issued();
    const hand = await inHand(entries, <ReturnVisit issued={report} />);
    item(/2 conductors under one screw/);
    type(/^What was done/, 'One wire moved to 9');
    await act(async () => {
      fireEvent.submit(screen.getByLabelText(/^What was done/).closest('form')!);
      await Promise.resolve();
    });
    await hand.kept(1);
    const ruling = [...hand.reader().inspection.things.values()].find(
      ({ type: kind }) => kind === 'ruling',
    )!;
    expect(hand.reader().value(ruling.id, 'returnWords')).toBe('One wire moved to 9');
  });

  test('a plan that was chosen is expected place by place; what was not looked at is not done', async () => {
    const { entries, issued: report } = issued();
    const book = bench().lines('main 100', '7 20 2x12cu m1 kitchen', '24 open!').book;
    const { ref } = book.site.panels[0]!.positions.find(({ number }) => number === 24)!;
    book.add('plan', 'chosen', 'site', {
      planName: 'Least to be safe',
      planChoices: [`blank@enclosure/open-position|${ref}`],
      planDrafts: [{ about: ref, facts: { opening: 'blanked' } }],
    });
    const chosen = book.entries.slice(entries.length);
    const hand = await inHand([...entries, ...chosen], <ReturnVisit issued={report} />);
    const said = () => screen.getByRole('region', { name: /Against the chosen plan/ }).textContent;
    expect(said()).toContain('1 place: 0 as planned, 0 otherwise, 1 not looked at since');
    expect(said()).toContain('24, Panel: closedbefore: open; now: open; not looked at since');
    await act(() =>
      hand.store
        .record(({ site: { reader } }) => [observe(reader, ref, { opening: 'blanked' })])
        .then(() => undefined),
    );
    await waitFor(() => expect(said()).toContain('now: closed; as planned'));
  });
});
