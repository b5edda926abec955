import { supplyDevice } from '../../supply/overcurrent-above';
import { panelPlace } from '../places';
import { clear, defineRule, found, notSeen, want } from '../rule';

/** Legs loaded unlike each other. */
export const legBalance = defineRule({
  id: 'load/leg-balance',
  title: 'Legs out of balance',
  stage: 10,
  hazards: ['outage'],
  base: { severity: 1, likelihood: 2 },
  finds: 'Legs that differ by more than 30 % of the main under load.',
  example: '68 A on leg A, 20 A on leg B, a 100 A main.',
  sources: [{ code: 'good practice', says: 'loads shared between the legs' }],
  remedies: ['Circuits moved to the other leg when the panel is next worked on'],
  messages: {
    apart: {
      short: '{a} A on leg A, {b} A on leg B',
      seen: 'Under load leg A carries {a} A and leg B {b} A; the main is {mainA} A.',
      why: 'One leg reaches its limit while the other is idle, and the neutral carries the difference.',
      ask: 'Circuits moved between the legs when an electrician next works here.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Balance of the legs')],
  check(_, { site, panel, yardstick }) {
    const { reader } = site;
    const a = reader.fact(panel.id, 'legA');
    const b = reader.fact(panel.id, 'legB');
    const main = supplyDevice(site, panel);
    if (!a || !b) return notSeen(want(panel.id, 'legA', 'clamp both legs under load'));
    if (!main) return notSeen(want(panel.id, 'mainKind', 'read the rating of the main'));
    const data = { a: a.value, b: b.value, mainA: main.ratingA };
    if (Math.abs(a.value - b.value) > yardstick.legBalanceShare * main.ratingA)
      return found('apart', data, [a, b, main.fact]);
    return clear(`${a.value} and ${b.value} A`, a, b, main.fact);
  },
});
