import { ownMain, supplyDevice } from '../../supply/overcurrent-above';
import { formOf } from '../../panel/device-forms';
import type { DeviceView } from '../../panel/views';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../rule';

/** 705.12(B): sources and main together on one bus, found only if none of its ways holds. */
export const twoSupplies = defineRule({
  id: 'bus/two-supplies',
  title: 'Main and second source together over the bus',
  stage: 6,
  hazards: ['fire'],
  base: { severity: 4, likelihood: 2 },
  outsideListing: true,
  finds:
    'A solar or battery source on the bus of the panel, where none of these holds: main plus 1.25 times the inverter current within the bus; the same within 1.2 times the bus with the source at the far end; all breakers but the main together within the bus.',
  example: 'A 200 A main and a 40 A inverter breaker on a 200 A bus, next to the main.',
  sources: [{ code: '705.12(B)', says: 'load-side connection of sources' }],
  remedies: [
    'A smaller main after a load check',
    'The source moved to the far end',
    'A larger panel',
  ],
  messages: {
    over: {
      short: '{sumA} A of supply on a {busA} A bus',
      seen: 'The main and the second source together can bring {sumA} A to a bus of {busA} A.',
      why: 'On a sunny day with much load no breaker sees the sum that flows through this bus.',
      ask: 'The connection made by one of the ways the code allows.',
    },
  },
  places: ({ around }) => around.sources,
  check(place, { site, panel, around, yardstick }) {
    const { reader } = site;
    const kind = reader.fact(place.ref, 'sourceKind');
    if (!kind || kind.value === 'unknown')
      return notSeen(want(place.ref, 'sourceKind', 'read the kind of the second supply'));
    if (kind.value === 'generator') return doesNotApply('not together with the main');
    const bus = reader.fact(panel.id, 'labelBusA');
    const main = ownMain(panel) ?? supplyDevice(site, panel);
    const sources = around.sources
      .filter(({ ref }) => reader.value(ref, 'sourceKind') !== 'generator')
      .map(({ ref }) => ({ ref, fact: reader.fact(ref, 'sourceA') }));
    const unread = sources.find(({ fact }) => !fact);
    if (!bus) return notSeen(want(panel.id, 'labelBusA', 'read the bus rating on the label'));
    if (!main) return notSeen(want(panel.id, 'mainKind', 'read the rating of the main'));
    if (unread)
      return notSeen(want(unread.ref, 'sourceA', 'read the output current of the source'));
    const sourceA = sources.reduce((sum, { fact }) => sum + fact!.value, 0);
    const sumA = main.ratingA + yardstick.sourceFactor * sourceA;
    const facts = [kind, bus, main.fact, ...sources.map(({ fact }) => fact)];
    if (sumA <= bus.value) return clear(`${sumA} A on ${bus.value} A`, ...facts);
    const farEnd = reader.fact(place.ref, 'atFarEnd');
    const twelfths = sumA <= yardstick.farEndShare * bus.value;
    if (twelfths && farEnd?.value) return clear('source at the far end', ...facts, farEnd);
    const complete = panel.positions.every((one) => one.devices.length > 0 || one.opening);
    const handles = panel.devices
      .filter((device) => !formOf(device.form).noHandle)
      .flatMap(ratingsOfHandles);
    const sumOfBreakers = handles.reduce((sum: number, a) => sum + (a ?? 0), 0);
    const allRead = complete && !handles.includes(undefined);
    if (allRead && sumOfBreakers <= bus.value)
      return clear('breakers together within the bus', ...facts);
    if (twelfths && !farEnd)
      return notSeen(want(place.ref, 'atFarEnd', 'see where on the bus the source sits'));
    if (!allRead && sumOfBreakers <= bus.value)
      return notSeen(want(panel.id, 'rows', 'record every breaker of the panel'));
    return found('over', { sumA: Math.round(sumA), busA: bus.value }, [...facts, farEnd]);
  },
});

/** One rating for each handle: both halves of a tandem count, both poles of a breaker once. A; undefined = unread. */
function ratingsOfHandles({ form, terminals }: DeviceView): (number | undefined)[] {
  const { handles } = formOf(form);
  return [...new Set(handles)].map((handle) => terminals[handles.indexOf(handle)]?.handleA);
}
