import { panelPlace } from '../../check/places';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** The lower section of a split bus hangs on one breaker, whatever its own breakers add up to. */
export const section = defineRule({
  id: 'load/section',
  title: 'Lower section loaded past its feeder',
  stage: 10,
  hazards: ['fire', 'outage'],
  base: { severity: 3, likelihood: 3 },
  finds:
    'Measured current or calculated demand of the lower section of a split-bus panel above the breaker that feeds it. One leg clamped says nothing of the other. The sum of its handles alone is no finding.',
  example: '66 A measured on the 60 A breaker of the lower section.',
  sources: [{ code: '408.36', says: 'protection of each section of the bus' }],
  remedies: ['circuits-to-upper', 'replace-panel'],
  messages: {
    over: {
      short: 'Lower section {loadA} A on {deviceA} A',
      seen: 'The lower section carries {loadA} A ({by}); the breaker that feeds it is {deviceA} A.',
      why: 'That one breaker and its wires carry all of the lower section, beyond what they are made for.',
      ask: 'Circuits moved out of the lower section.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Lower section')],
  check(_, { site: { reader }, panel }) {
    if (panel.kind !== 'split-bus')
      return reader.fact(panel.id, 'panelKind') || panel.main
        ? doesNotApply('not a split-bus panel')
        : notSeen(want(panel.id, 'panelKind', 'look how the mains feed the bus'));
    const feeder = panel.lowerFedBy;
    const deviceA = feeder?.terminals[0]?.handleA;
    if (!feeder || deviceA === undefined)
      return notSeen(want(panel.id, 'lowerFedBy', 'find the throw that feeds the lower section'));
    const measured = feeder.terminals.flatMap((one) => reader.fact(one.ref, 'loadCurrentA') ?? []);
    const demand = reader.fact(panel.id, 'sectionDemandA');
    const highest = measured.reduce<(typeof measured)[number] | undefined>(
      (a, b) => (a && a.value >= b.value ? a : b),
      undefined,
    );
    const load = highest ?? demand;
    if (!load)
      return notSeen(
        want(feeder.terminals[0]!.ref, 'loadCurrentA', 'clamp the feeder of the lower section'),
      );
    const facts = [load, feeder.terminals[0]!.ratingA];
    if (load.value > deviceA)
      return found(
        'over',
        { loadA: load.value, deviceA, by: highest ? 'measured' : 'calculated' },
        facts,
      );
    const unclamped = feeder.terminals.find((one) => !reader.fact(one.ref, 'loadCurrentA'));
    if (highest && unclamped && !demand)
      return notSeen(want(unclamped.ref, 'loadCurrentA', 'clamp both legs of the feeder'));
    if (demand && demand.value > deviceA)
      return found('over', { loadA: demand.value, deviceA, by: 'calculated' }, [demand, facts[1]]);
    return clear(`${load.value} A on ${deviceA} A`, ...facts, ...measured, demand);
  },
});
