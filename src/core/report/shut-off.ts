import type { Assessment } from '../assess';
import type { SiteView } from '../panel/site-view';
import { shutOffDevices, throwsOf } from '../panel/throws';
import type { DeviceView, PanelView } from '../panel/views';
import { capital, counted, listed } from '../panel/words';
import { SupplyReading } from '../supply/tree';
import type { ShutOff } from './report';

/** How each panel is shut off, as recorded; what was not recorded is said, never guessed. */
export function shutOffs({ site }: Assessment): ShutOff[] {
  return site.panels.map((panel) => ({
    panelName: panel.name,
    how: panelOff(panel, site),
    staysLive: staysLive(panel, site),
  }));
}

/** What stays live when a panel's own handles are off. */
export function staysLive(panel: PanelView, site: SiteView): string {
  const above = new SupplyReading(site.reader).above(panel.id);
  const sources = secondSupplies(panel, site);
  const wires = `the wires that come in${busBeforeHandles(panel)}`;
  const held = !above
    ? `${wires}: what is above them was not recorded`
    : panel.supply.place === 'downstream'
      ? `${wires}, until the breaker or switch above it is off`
      : panel.supply.place === 'first-disconnect'
        ? `${wires}, from the meter on: only the utility can make them dead`
        : `${wires}: where they are shut off was not recorded`;
  return sources.length > 0 ? `${held}; and what ${listed(sources)} feeds` : held;
}

/** Without a single main the bus itself stands before the handles, and no handle makes it dead. */
function busBeforeHandles({ main, pullOuts, upperRows, mainKind }: PanelView): string {
  if (main || pullOuts.length > 0) return '';
  if (upperRows !== undefined) return ' and the bus of the upper section';
  return mainKind === 'throws' ? ' and the whole bus' : '';
}

/** The device or switch above a thing whose handle makes it dead. Undefined: none is recorded. */
export function offAbove(thing: string, site: SiteView): string | undefined {
  const { reader } = site;
  const above = new SupplyReading(reader).above(thing);
  if (!above) return undefined;
  const name = reader.value(above.thing.id, 'name');
  if (above.by) {
    const holder = site.panels.find(({ id }) => id === above.thing.id);
    const device = [...(holder?.devices ?? []), ...(holder?.pullOuts ?? [])].find(
      ({ id }) => id === above.by!.id,
    );
    return `breaker ${device?.label ?? '(number not recorded)'} in ${holder?.name ?? name ?? 'the panel above'}`;
  }
  return above.thing.type === 'disconnect' ? `${name ?? 'the disconnect'} ahead of it` : undefined;
}

/** Second supplies that feed this panel. */
const secondSupplies = (panel: PanelView, site: SiteView): string[] =>
  sourcesOf(site).flatMap(({ feeds, name }) => (feeds === panel.id ? name : []));

/** What else must be off besides the supply; what nobody recorded of a second supply is said. */
export function otherSupplies(panel: PanelView, site: SiteView): string[] {
  const sources = sourcesOf(site);
  const other = site.reader.value(panel.building, 'otherSupply');
  return [
    ...sources.flatMap(({ feeds, name }) =>
      feeds === panel.id
        ? `Off too: ${name}, which feeds this panel by itself.`
        : feeds === undefined
          ? `Off too: ${name}; which panel it feeds was not recorded.`
          : [],
    ),
    ...(sources.length > 0 || other === false
      ? []
      : other
        ? ['Another supply is there; what it is and where it comes in was not recorded.']
        : ['Whether another supply feeds it (generator, solar, battery) was not recorded.']),
  ];
}

const sourcesOf = ({ reader }: SiteView) =>
  [...reader.inspection.things.values()]
    .filter(({ id, type }) => type === 'source' && !reader.value(id, 'removed'))
    .map(({ id }) => ({
      feeds: reader.value(id, 'feeds'),
      name: reader.value(id, 'name') ?? 'a second supply',
    }));

/** Its own handles that make it dead, in words. Undefined: not known, or it has none. */
export function ownHandles(panel: PanelView, site: SiteView): string | undefined {
  const devices = shutOffDevices(panel);
  if (panel.main || panel.pullOuts.length > 0)
    return capital(`${devices.map(handleWords).join(', then ')}.`);
  // Breakers alone do not say that there is no main: somebody must have looked.
  const noMain = panel.mainKind === 'throws' || panel.upperRows !== undefined;
  return noMain && devices.length > 0 ? throwsWords(panel, devices, site) : undefined;
}

/** How a panel is shut off, for its card. */
export function panelOff(panel: PanelView, site: SiteView): string[] {
  const above = offAbove(panel.id, site);
  const own = ownHandles(panel, site);
  const lugsOnly = panel.mainKind === 'lugs';
  const lines = [
    own,
    above &&
      (own
        ? `Or ${above}, which makes the whole panel dead.`
        : `${capital(above)}: it makes the whole panel dead.`),
    !own && lugsOnly && 'It has no main of its own.',
    !own && !lugsOnly && 'Whether it has a main of its own was not recorded.',
    !own && !above && 'How it is shut off was not recorded. Ask before you need it.',
    ...otherSupplies(panel, site),
    panel.main &&
      site.reader.value(panel.id, 'mainMarked') === false &&
      'The main is not marked: mark it.',
  ];
  return lines.filter((line): line is string => typeof line === 'string');
}

function handleWords(device: DeviceView): string {
  const amps = device.terminals[0]?.handleA;
  const rating = amps === undefined ? '' : `, ${amps} A`;
  return device.stands === 'pull-out'
    ? `the pull-out beside the main${rating}`
    : device.isMain
      ? `the main${rating}: one handle`
      : `${device.label}${rating}`;
}

function throwsWords(
  panel: PanelView,
  devices: readonly DeviceView[],
  { reader }: SiteView,
): string {
  const counts = reader.value(panel.id, 'mainThrows');
  const unrecorded = panel.positions.some(
    ({ row, devices: there, opening }) =>
      there.length === 0 && !opening && (panel.upperRows === undefined || row <= panel.upperRows),
  );
  const throws = counts ?? throwsOf(devices, reader);
  const atLeast = counts === undefined && unrecorded ? 'at least ' : '';
  const where = panel.upperRows === undefined ? '' : ' of the upper section';
  return `No single main: ${atLeast}${counted(throws, 'handle')}${where}, ${listed(devices.map(({ label }) => label))}.`;
}
