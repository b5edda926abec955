import { describe, expect, test } from '@jest/globals';
import { Logbook, assess, idsFrom, startingSettings } from '@/core';
import type { Entry } from '@/core/record/entries/entry';
import { outletRoundRef } from '@/core/record/entries/thing-types';
import { isDead } from '@/core/model/tracing/decode';
import { directoryOf } from '@/core/model/tracing/directory';
import { traceOfPanel } from '@/core/model/tracing/trace-of-panel';
import { breakerOf, decodedWords } from '@/core/model/tracing/words';
import { hiddenWiring } from '@/stand-ins/hidden-wiring';
import { ropewalk, ropewalkOutletId } from '@/server/demo/ropewalk';

const settings = startingSettings('Demo');
const traced = (entries: readonly Entry[]) => {
  const { site } = assess(entries, settings);
  const panel = site.panels[0]!;
  return { panel, trace: traceOfPanel(site, panel), wiring: hiddenWiring('ropewalk', panel) };
};
const more = (standing: readonly Entry[]) =>
  new Logbook(
    { newId: idsFrom('more-'), device: 'tablet', author: 'ines', at: '2026-04-21T10:00:00+01:00' },
    standing,
  );

/** Walks further rounds as long as one is offered, as the house answers. */
function walkOn(standing: readonly Entry[]): Entry[] {
  const book = more(standing);
  for (
    let { trace, panel, wiring } = traced(book.entries);
    trace.next;
    { trace, panel, wiring } = traced(book.entries)
  ) {
    const { number, off } = trace.next;
    book.add('round', `more-round-${number}`, panel.id, {
      roundNumber: number,
      switchedOff: [...off],
    });
    for (const [outlet, is] of wiring)
      book.observe(outletRoundRef(outlet, number), {
        inRound: isDead(is, new Set(off)) ? 'dead' : 'alive',
      });
  }
  return book.entries;
}

describe('the ropewalk, 28 circuits traced by code', () => {
  const { entries } = ropewalk('ines');

  test('after the planned rounds every outlet of one breaker is named, the pairs are still open', () => {
    const { panel, trace, wiring } = traced(entries);
    expect(panel.circuits).toHaveLength(28);
    expect(trace.walked).toBe(true);
    expect(trace.rounds.length).toBeLessThanOrEqual(12);
    for (const { id, decoded } of trace.outlets) {
      const is = wiring.get(id)!;
      if (is.kind === 'single') expect(decoded).toEqual({ answer: 'exact', is });
      else expect(['open', 'exact']).toContain(decoded.answer);
    }
  });

  test('with the rounds it asks for besides, all of it exactly: one joined pair, one second supply', () => {
    const { panel, trace, wiring } = traced(walkOn(entries));
    for (const { id, decoded } of trace.outlets)
      expect(decoded).toEqual({ answer: 'exact', is: wiring.get(id) });
    const kinds = trace.outlets.map(({ decoded }) => decoded.answer === 'exact' && decoded.is.kind);
    expect(kinds.filter((kind) => kind === 'joined')).toHaveLength(1);
    expect(kinds.filter((kind) => kind === 'second-supply')).toHaveLength(1);
    expect(trace.next).toBeUndefined();
    const line = (number: string) =>
      directoryOf(panel, trace).find(({ circuit }) => breakerOf(panel, circuit) === number)?.words;
    expect(line('13')).toBe('office: desk outlets, printer outlet');
    expect(line('25')).toBe('loft: outlets; yard: pump');
    expect(trace.rounds.length).toBeLessThan(28);
  });

  test('with one wrong look it says which round to repeat, and once repeated names the breaker', () => {
    const outlet = ropewalkOutletId('kitchen', 'fridge');
    const { trace } = traced(entries);
    const seen = trace.outlets.find(({ id }) => id === outlet)!.looks.get(5)!;
    const book = more(entries);
    const look = (inRound: 'dead' | 'alive') =>
      book.observe(outletRoundRef(outlet, 5), { inRound });
    look(seen === 'dead' ? 'alive' : 'dead');
    const wrong = traced(book.entries);
    const { decoded } = wrong.trace.outlets.find(({ id }) => id === outlet)!;
    expect('rounds' in decoded && decoded.rounds).toContain(5);
    expect(decodedWords(decoded, wrong.panel)).toContain('round 5');
    look(seen);
    expect(traced(book.entries).trace.outlets.find(({ id }) => id === outlet)!.decoded.answer).toBe(
      'exact',
    );
  });
});
