import { describe, expect, test } from '@jest/globals';
import { bench, outcomes } from '../../../testing/bench';

const rule = 'breaker/double-tap';

describe(rule, () => {
  test.each([
    ['fires: two wires, marked for one', ['7 20 2x12cu m1'], 'found: doubled'],
    ['fires: three wires, marked for two', ['7 20 3x12cu m2'], 'found: doubled'],
    ['fires: marked for two, aluminium', ['7 20 2x10al m2'], 'found: wrong-pair'],
    ['clear: one wire', ['7 20 12cu'], 'clear'],
    ['clear: two equal wires, marked for two', ['7 20 2x12cu m2'], 'clear'],
    ['not seen: two wires, marking unread', ['7 20 2x12cu'], 'not-seen'],
    ['not seen: unequal pair, sizes of the marking unread', ['7 20 14cu+12cu m2'], 'not-seen'],
    ['not seen: no wire recorded', ['7 20'], 'not-seen'],
  ])('%s', (_, lines, expected) => {
    expect(
      outcomes(
        bench()
          .lines(...lines)
          .assess(),
        rule,
      ),
    ).toEqual({ 'Breaker 7': expected });
  });

  test('an unread marking is shown as likely', () => {
    const { verdicts } = bench().lines('7 20 2x12cu').assess();
    const verdict = verdicts.find((one) => one.rule.id === rule)!;
    expect(verdict.outcome).toMatchObject({
      outcome: 'not-seen',
      likely: true,
      wants: [{ property: 'terminalTakes' }],
    });
  });

  test('a count of two stands though only one wire was described', () => {
    const { book, assess, lines } = bench();
    lines('7 20 12cu m1');
    const terminal = book.site.panels[0]!.devices[0]!.terminals[0]!.ref;
    book.observe(terminal, { conductorCount: 2 });
    expect(outcomes(assess(), rule)).toEqual({ 'Breaker 7': 'found: doubled' });
  });

  test('each half of a tandem is its own screw', () => {
    const result = outcomes(bench().lines('13 t15/15 2x14cu/14cu m1 hall / bath').assess(), rule);
    expect(result).toEqual({ 'Breaker 13a': 'found: doubled', 'Breaker 13b': 'clear' });
  });

  test('a cover not opened leaves it not seen, with the reason', () => {
    const { verdicts } = bench({
      panel: { coverOpened: 'not-opened', coverReason: 'painted shut' },
    })
      .lines('7 20')
      .assess();
    const outcome = verdicts.find((one) => one.rule.id === rule)!.outcome;
    expect(outcome).toMatchObject({
      outcome: 'not-seen',
      wants: [{ say: 'cover not opened: painted shut' }],
    });
  });
});
