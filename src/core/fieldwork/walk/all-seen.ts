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
  const devices = [...panel.devices, ...panel.pullOuts, ...(panel.main ? [panel.main] : [])];
  switch (stage) {
    case 3:
      // None drawn may be none looked for: that there is none, somebody says himself.
      if (things('electrode').length > 0)
        say(panel.building, 'electrodeCount', things('electrode').length);
      say(panel.building, 'outletsLooked', true);
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
