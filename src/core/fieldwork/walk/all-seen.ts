import { lugRef } from '../../record/entries/thing-types';
import { lugsOf } from './asked';
import { visitActs } from '../../judge/scope/visit-act';
import { isAgreed, scopeOf } from '../../judge/scope/scopes';
import type { Facts, PropertyName } from '../../record/entries/properties';
import type { SiteView } from '../../installation/panel/site-view';
import type { PanelView } from '../../installation/panel/views';

/**
 * "All seen here": what is drawn is all there is. An explicit list of counts and of what is ordinary,
 * for what nobody has said otherwise and an agreed act shows. It says of nothing that it is sound.
 */
export function allSeen(
  stage: number,
  site: SiteView,
  panel: PanelView,
): { about: string; facts: Facts }[] {
  const { reader } = site;
  if ((stage === 8 || stage === 9) && reader.value(panel.id, 'coverOpened') === 'not-opened')
    return [];
  const scope = scopeOf(site);
  const actOf = visitActs(site);
  const byThing = new Map<string, Facts>();
  const say = <P extends PropertyName>(about: string, property: P, value: Facts[P]) => {
    if (reader.fact(about, property)) return;
    const act = actOf(about, property);
    if (!act || !isAgreed(scope, act.act, act.stage)) return;
    byThing.set(about, { ...byThing.get(about), [property]: value });
  };
  const things = (type: string) =>
    [...reader.inspection.things.values()].filter(
      (one) => one.type === type && !reader.value(one.id, 'removed'),
    );
  const voltages = things('service').map(({ id }) => reader.value(id, 'serviceSystem'));
  const devices = [...panel.devices, ...panel.pullOuts, ...(panel.main ? [panel.main] : [])];
  switch (stage) {
    case 3:
      // None drawn may be none looked for: that there is none, somebody says himself.
      if (things('electrode').length > 0)
        say(panel.building, 'electrodeCount', things('electrode').length);
      say(panel.building, 'outletsLooked', true);
      // Services whose voltage somebody recorded: as many as are drawn.
      if (things('service').length > 0 && voltages.every((one) => one !== undefined))
        say(panel.building, 'voltageSystems', new Set(voltages).size);
      break;
    case 6:
      for (const { id } of devices) {
        say(id, 'protection', 'ordinary');
        // Of the age of the panel by their look; a younger one is recorded as such.
        const year = reader.value(panel.id, 'yearBuilt');
        if (year !== undefined) say(id, 'yearBuilt', year);
      }
      break;
    case 8:
      for (const { terminals } of devices)
        for (const { ref, conductors } of terminals) say(ref, 'conductorCount', conductors.length);
      // Of the supply, one conductor a leg is drawn unless more were recorded.
      if (reader.fact(panel.id, 'supplySize')) say(panel.id, 'parallelSets', 1);
      for (const ref of lugsOf(panel)) {
        const held = heldByLug(ref, site, panel);
        if (held > 0) say(ref, 'lugHolds', held);
      }
      // In sheathed cable the neutral is white and the ground bare, where none was seen otherwise.
      for (const { id, cable, function: use } of panel.conductors) {
        if (cable?.kind?.value !== 'nm') continue;
        if (use?.value === 'neutral') say(id, 'colour', 'white');
        if (use?.value === 'ground') say(id, 'colour', 'bare');
      }
      break;
    case 9:
      for (const bar of panel.bars) say(bar.id, 'conductorCount', bar.landed);
      if (panel.multiwires.length === 0) say(panel.id, 'sharedNeutrals', 'none');
      break;
    case 11:
      say(panel.id, 'loadsListed', true);
  }
  return [...byThing].map(([about, facts]) => ({ about, facts }));
}

/**
 * Conductors drawn at a lug: those of the supply, where it was recorded, and what lands beside them. None where
 * something is there that is told in another way: a tap, a jumper, a neutral that goes elsewhere.
 */
function heldByLug(ref: string, { reader }: SiteView, panel: PanelView): number {
  const neutral = ref === lugRef(panel.id, 'n');
  const ordinary =
    (reader.value(ref, 'besideSupply') ?? 'none') === 'none' &&
    (neutral
      ? (reader.value(panel.id, 'supplyNeutralOn') ?? 'neutral-bar') === 'neutral-bar'
      : (reader.value(panel.id, 'legFeed') ?? 'each') === 'each');
  if (!ordinary) return 0;
  const supply = reader.fact(panel.id, neutral ? 'supplyNeutralSize' : 'supplySize');
  const sets = supply ? (reader.value(panel.id, 'parallelSets') ?? 1) : 0;
  return sets + panel.conductors.filter(({ landsOn }) => landsOn?.value === ref).length;
}
