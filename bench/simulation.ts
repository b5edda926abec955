import { assess, siteNetwork, solve } from '@/core';
import { jointsOf } from '@/core/model/simulation/network';
import { bench, testSettings } from '@/core/testing/bench';
import { timesInWords, timesOf } from './timing';

/** One solve of a house with three panels, and the network put together from its record. */
const house = bench({ panel: { bond: 'strap' } }).lines(
  'main 200',
  '1+3 60 6cu:b/6cu:r m1 n1 g1 in:nm tied shed',
  '2+4 40 8cu:b/8cu:r m1 n2 g2 in:nm tied loft',
  ...Array.from(
    { length: 12 },
    (_, index) =>
      `${5 + 2 * index > 23 ? 6 + 2 * (index - 10) : 5 + 2 * index} 20 12cu m1 n${3 + index} g${3 + index} circuit ${index}`,
  ),
);
const { devices } = house.assess().site.panels[0]!;
const at = (number: number) => devices.find((device) => device.number === number)!.id;
for (const [id, name, number] of [
  ['shed', 'Shed', 1],
  ['loft', 'Loft', 2],
] as const) {
  house.book.add('panel', id, 'house', {
    name,
    rows: 6,
    fedFrom: at(number),
    bond: 'screw',
    metalPathBetween: true,
    supplyRaceway: 'steel-raceway',
  });
  house.book.add('electrode', `rod-${id}`, 'house', { electrodeKind: 'rod' });
}
const { site, yardstick } = assess(house.book.entries, testSettings);
for (const panel of site.panels)
  for (const [index, { ref }] of [...panel.terminals.values()].entries())
    house.facts({ loadCurrentA: 2 + (index % 7) }, ref);
const loaded = assess(house.book.entries, testSettings);
const { network } = siteNetwork(loaded.site, yardstick);
console.log(
  `A house of three panels: ${network.branches.length} branches, ${jointsOf(network).length} joints`,
);
console.log(`  one solve: ${timesInWords(await timesOf(() => solve(network)))}`);
console.log(
  `  network from the record: ${timesInWords(await timesOf(() => siteNetwork(loaded.site, yardstick)))}`,
);
