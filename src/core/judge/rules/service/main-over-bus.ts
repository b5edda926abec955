import type { Fact } from '../../../record/entries/inspection';
import { deviceAbove, ownMain, supplyDevice } from '../../../installation/panel/overcurrent-above';
import { capital } from '../../../vocabulary/phrases';
import { panelPlace } from '../../check/places';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 408.36: a panel is protected at its bus rating. */
export const mainOverBus = defineRule({
  id: 'service/main-over-bus',
  title: 'Main larger than the bus',
  stage: 6,
  hazards: ['fire'],
  base: { severity: 4, likelihood: 2 },
  outsideListing: true,
  finds:
    'The first overcurrent device on the supply side of the bus above the bus rating on the label: the smaller of its own main and the device that feeds it. A main larger than its feeder breaker is fine; one larger than the label’s largest main is not. Of a split-bus panel the lower section is judged by the breaker that feeds it.',
  example: 'A 125 A panel with a 150 A main.',
  sources: [{ code: '408.36', says: 'overcurrent protection of panelboards' }],
  remedies: ['smaller-main', 'replace-panel'],
  messages: {
    over: {
      short: '{deviceA} A ahead of a {busA} A bus',
      seen: '{device} is {deviceA} A; the label gives the bus {busA} A.',
      why: 'The bars of this panel can carry more than {busA} A for hours, and nothing opens.',
      ask: 'A device of {busA} A at most ahead of this bus.',
    },
    label: {
      short: '{deviceA} A main, the label allows {labelA} A',
      seen: 'The main is {deviceA} A; the label allows a main of {labelA} A at most.',
      why: 'This panel was tested with mains of {labelA} A and less; what a larger one does to its bars and terminals nobody tried.',
      ask: 'A main within the label.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Bus')],
  check(_, { site, panel }) {
    const bus = site.reader.fact(panel.id, 'labelBusA');
    const lower = panel.kind === 'split-bus' ? panel.lowerFedBy?.terminals[0] : undefined;
    const device =
      panel.kind === 'split-bus'
        ? lower?.ratingA &&
          lower.handleA !== undefined && {
            ratingA: lower.handleA,
            words: 'the breaker of the lower section',
            fact: lower.ratingA as Fact,
          }
        : supplyDevice(site, panel);
    const labelMain = site.reader.fact(panel.id, 'labelMainA');
    const main = ownMain(panel);
    if (labelMain && main && main.ratingA > labelMain.value)
      return found('label', { deviceA: main.ratingA, labelA: labelMain.value }, [
        main.fact,
        labelMain,
      ]);
    if (!device)
      return notSeen(want(panel.id, 'mainKind', 'read the rating of the device ahead of the bus'));
    if (!bus) return notSeen(want(panel.id, 'labelBusA', 'read the bus rating on the label'));
    const data = { deviceA: device.ratingA, busA: bus.value, device: capital(device.words) };
    const couldBeLess =
      panel.kind !== 'split-bus' &&
      panel.supply.place !== 'first-disconnect' &&
      !deviceAbove(site, panel);
    if (device.ratingA > bus.value && couldBeLess)
      return notSeen(want(panel.id, 'fedFrom', 'read the rating of what feeds this panel'));
    if (device.ratingA > bus.value) return found('over', data, [device.fact, bus]);
    return clear(`${device.ratingA} A ahead of ${bus.value} A`, device.fact, bus);
  },
});
