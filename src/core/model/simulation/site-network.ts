import { properties } from '../../record/entries/properties';
import type { SiteView } from '../../installation/panel/site-view';
import { systems } from '../../vocabulary/system';
import { SupplyTree } from '../../installation/supply/tree';
import type { Yardstick } from '../../codes/yardstick/yardstick';
import type { Assumption, Switch, TakenSize } from './assumptions';
import { Assuming } from './assumptions';
import { earthBranches } from './earth-branches';
import { loadBranches } from './load-branches';
import type { Branch, Network } from './network';
import type { Feed } from './supply-branches';
import { feedBranches, joint, serviceBranches } from './supply-branches';
import type { WhatIf } from '../../vocabulary/what-if';

/** The circuit model of a site, with everything that had to be assumed for it. */
export interface SiteNetwork {
  network: Network;
  feeds: Feed[];
  assumptions: Assumption[];
  switches: Switch[];
  sizes: TakenSize[];
  /** What pipes and appliances whose metal is in the network are called, by id. */
  names: ReadonlyMap<string, string>;
  /** Joints of neutrals that several hots share, with the voltage their loads are made for, V. */
  shared: ReadonlyMap<string, number>;
}

/**
 * Puts the network together from what was recorded: windings, service, first disconnect, feeders
 * with ground, raceway and pipe, joints of neutral and enclosure, electrodes and loads. What was
 * not recorded is assumed, listed, and can be set.
 */
export function siteNetwork(
  site: SiteView,
  yardstick: Yardstick,
  whatIf: WhatIf = {},
): SiteNetwork {
  const assuming = new Assuming(whatIf);
  const making = { site, yardstick, assuming };
  const feeds = feedsOf(site);
  const services = new Map(
    feeds.filter((one) => one.fromService).map((one) => [one.from, one.system]),
  );
  const branches: Branch[] = [
    ...[...services].flatMap(([id, system]) => serviceBranches(id, system, making)),
    ...feeds.flatMap((feed) => feedBranches(feed, making)),
    ...earthBranches(feeds, site, assuming),
    ...site.panels.flatMap((panel) => loadBranches(panel, site, yardstick, assuming)),
  ];
  return {
    network: { branches },
    feeds,
    assumptions: [...assuming.assumptions.values()],
    switches: [...assuming.switches.values()],
    sizes: [...assuming.sizes.values()],
    names: namesOf(site),
    shared: new Map(
      site.panels.flatMap(({ multiwires, system }) =>
        multiwires.map(({ id }): [string, number] => [
          joint(id, 'N'),
          systems[system].legToNeutralV.A,
        ]),
      ),
    ),
  };
}

/** Names of pipes and of the appliances circuits feed. */
function namesOf({ reader, panels }: SiteView): Map<string, string> {
  const names = new Map<string, string>();
  for (const { id, type } of reader.inspection.things.values())
    if (type === 'pipe')
      names.set(
        id,
        reader.value(id, 'name') ??
          properties.pipeKind.choices[reader.value(id, 'pipeKind') ?? 'water'],
      );
  for (const { circuits } of panels)
    for (const { name, loads } of circuits)
      for (const { id, kind } of loads)
        names.set(
          id,
          [kind && properties.loadKind.choices[kind.value], name].filter(Boolean).join(', '),
        );
  return names;
}

/** Every panel and disconnect with what feeds it; one with nothing recorded above has a service of its own. */
function feedsOf(site: SiteView): Feed[] {
  const { reader } = site;
  const supply = new SupplyTree(reader);
  const panels = new Map(site.panels.map((panel) => [panel.id, panel]));
  const feeds = new Map<string, Feed>();
  const visit = (id: string) => {
    if (feeds.has(id)) return;
    const way = supply.wayUp(id);
    const above = way.find(({ thing }) => thing.type !== 'meter' && thing.type !== 'source');
    const type = above?.thing.type;
    const panel = panels.get(id);
    const system =
      panel?.system ??
      (way.at(-1)?.thing.type === 'service'
        ? (reader.value(way.at(-1)!.thing.id, 'serviceSystem') ?? 'split-phase')
        : 'split-phase');
    const fromService = type !== 'disconnect' && type !== 'panel';
    const upper = type === 'panel' ? panels.get(above!.thing.id) : undefined;
    const devices = upper ? [...upper.devices, ...upper.pullOuts] : [];
    if (above && !fromService) visit(above.thing.id);
    feeds.set(id, {
      id,
      name: panel?.name ?? reader.value(id, 'name') ?? 'the disconnect',
      from: above ? above.thing.id : `supply-of-${id}`,
      fromService,
      by: devices.find((device) => device.id === above?.by?.id),
      system,
    });
  };
  for (const panel of site.panels) visit(panel.id);
  return [...feeds.values()];
}
