import { wholeDwelling } from '../../../installation/panel/what-follows';
import { panelDemands } from '../../../measure/load/panel-demand';
import { supplyDevice } from '../../../installation/panel/overcurrent-above';
import { panelPlace } from '../../check/places';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 220.82, 220.83, 220.87: demand against the main; one valid method that passes is enough. */
export const serviceLoad = defineRule({
  id: 'load/service',
  title: 'Demand above the main',
  stage: 10,
  hazards: ['fire', 'outage'],
  base: { severity: 2, likelihood: 3 },
  obsolete: true,
  finds:
    'Demand above the main by every method that has its facts: the optional one for dwellings, the one for existing dwellings, or 125 % of the peak of a year or of 30 days recorded, which outranks both; a moment’s clamp is a note. New heating and cooling counts in full. One that passes is clear.',
  example: '92 A of measured peak on a 100 A main: 115 A.',
  sources: [
    { code: '220.82', says: 'optional calculation for dwellings' },
    { code: '220.83', says: 'existing dwellings' },
    { code: '220.87', says: 'existing loads by measurement' },
  ],
  remedies: ['listed-load-switch', 'larger-service'],
  messages: {
    over: {
      short: 'Demand {demandA} A by {method}, main {deviceA} A',
      seen: 'The demand comes to {demandA} A by {method}; {device} is {deviceA} A.',
      why: 'On the coldest or hottest day the main trips, or runs warm for hours just below tripping.',
      ask: 'Nothing added before the service is larger; loads that need not run together kept apart.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Demand')],
  check(_, { site, panel, yardstick }) {
    if (panel.supply.place === 'downstream' && !wholeDwelling(site, panel)?.whole)
      return doesNotApply('judged where the service comes in');
    const device = supplyDevice(site, panel);
    const { demands, wanted } = panelDemands(site, panel, yardstick);
    const peak = site.reader.fact(panel.id, 'peakLegA');
    if (peak && device && peak.value > device.ratingA)
      return found(
        'over',
        {
          demandA: peak.value,
          method: 'the measured peak itself',
          deviceA: device.ratingA,
          device: device.words,
        },
        [peak, device.fact],
      );
    if (demands.length === 0)
      return notSeen(
        want(
          wanted === 'floorAreaM2' ? panel.building : panel.id,
          wantedProperty[wanted],
          wantedWords[wanted],
        ),
      );
    if (!device) return notSeen(want(panel.id, 'mainKind', 'read the rating of the main'));
    const least = demands.reduce((a, b) => (b.amps < a.amps ? b : a));
    const demandA = Math.round(least.amps);
    const facts = [...least.facts, device.fact];
    if (least.amps <= device.ratingA)
      return clear(`${demandA} A by ${least.demand.method}`, ...facts);
    return found(
      'over',
      {
        demandA,
        method: least.demand.method,
        deviceA: device.ratingA,
        device: device.words,
      },
      facts,
    );
  },
});

const wantedProperty = {
  peakLegA: 'peakLegA',
  peakOver: 'peakOver',
  floorAreaM2: 'floorAreaM2',
  loadsListed: 'loadsListed',
  listedW: 'loadsListed',
} as const;
const wantedWords = {
  peakLegA: 'record the peak of the highest leg: a year, or 30 days',
  peakOver: 'say over how long the peak was recorded: a moment is no method',
  floorAreaM2: 'find the floor area, or measure the peak',
  loadsListed: 'list every fixed load with its power, or measure the peak',
  listedW: 'read the power of every fixed load recorded, or measure the peak',
};
