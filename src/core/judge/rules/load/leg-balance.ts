import { systems } from '../../../vocabulary/system';
import { supplyDevice } from '../../../installation/panel/overcurrent-above';
import { panelPlace } from '../../check/places';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

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
  remedies: ['balance-next-time'],
  messages: {
    apart: {
      short: 'Legs at {most} A and {least} A',
      seen: 'Under load one leg carries {most} A and another {least} A; the main is {mainA} A.',
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
    const three = systems[panel.system].legs.length === 3;
    const c = three ? reader.fact(panel.id, 'legC') : undefined;
    if (!a || !b || (three && !c))
      return notSeen(want(panel.id, a && b ? 'legC' : 'legA', 'clamp every leg under load'));
    if (!main) return notSeen(want(panel.id, 'mainKind', 'read the rating of the main'));
    const values = [a, b, ...(c ? [c] : [])].map((fact) => fact.value);
    const most = Math.max(...values);
    const least = Math.min(...values);
    const data = { most, least, mainA: main.ratingA };
    if (most - least > yardstick.legBalanceShare * main.ratingA)
      return found('apart', data, [a, b, c, main.fact]);
    return clear(`${values.join(', ')} A`, a, b, c, main.fact);
  },
});
