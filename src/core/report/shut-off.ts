import type { Assessment } from '../assess';
import type { SiteView } from '../panel/site-view';
import { shutOffDevices, throwsOf } from '../panel/throws';
import type { DeviceView, PanelView } from '../panel/views';
import { counted, listed } from '../panel/words';
import { SupplyReading } from '../supply/tree';
import type { ShutOff } from './report';

/** How each panel is shut off, as recorded; what was not recorded is said. */
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
  const own =
    panel.supply.place === 'downstream'
      ? 'the wires that come in, until the breaker or switch above it is off'
      : 'the wires that come in from the meter: only the utility can make them dead';
  const held = above ? own : 'the wires that come in: what is above them was not recorded';
  return sources.length > 0 ? `${held}; and what ${listed(sources)} feeds` : held;
}

/** What makes the whole panel dead, from above it. */
export function offAbove(panel: PanelView, site: SiteView): string | undefined {
  const { reader } = site;
  const above = new SupplyReading(reader).above(panel.id);
  if (!above) return undefined;
  const name = reader.value(above.thing.id, 'name');
  if (above.by) {
    const holder = site.panels.find(({ id }) => id === above.thing.id);
    const device = holder?.devices.find(({ id }) => id === above.by!.id);
    return `breaker ${device?.label ?? '(number not recorded)'} in ${holder?.name ?? name ?? 'the panel above'}`;
  }
  if (above.thing.type === 'disconnect') return `${name ?? 'the disconnect'} ahead of it`;
  return undefined;
}

/** Second supplies that feed this panel. */
export const secondSupplies = (panel: PanelView, { reader }: SiteView): string[] =>
  [...reader.inspection.things.values()]
    .filter(
      ({ id, type }) =>
        type === 'source' && !reader.value(id, 'removed') && reader.value(id, 'feeds') === panel.id,
    )
    .map(({ id }) => reader.value(id, 'name') ?? 'a second supply');

/** Its own handles, in words. */
export function panelOff(panel: PanelView, site: SiteView): string[] {
  const { reader } = site;
  const above = offAbove(panel, site);
  const devices = shutOffDevices(panel);
  const own =
    panel.main || panel.pullOuts.length > 0
      ? `${devices.map(handleWords).join(', then ')}.`
      : panel.mainKind === 'lugs' && above
        ? undefined
        : devices.length > 0
          ? throwsWords(panel, devices, site)
          : undefined;
  const lines = [
    own,
    above &&
      (own
        ? `Or ${above}, which makes the whole panel dead.`
        : `It has no main of its own: ${above}.`),
    ...secondSupplies(panel, site).map((name) => `Also ${name}: it feeds this panel by itself.`),
    panel.main && reader.value(panel.id, 'mainMarked') === false
      ? 'The main is not marked: mark it.'
      : undefined,
  ].filter((line) => line !== undefined);
  return lines.length > 0
    ? lines
    : ['How it is shut off was not recorded. Ask before you need it.'];
}

function handleWords(device: DeviceView): string {
  const amps = device.terminals[0]?.handleA;
  const rating = amps === undefined ? '' : `, ${amps} A`;
  return device.stands === 'pull-out'
    ? `the pull-out beside the main${rating}`
    : device.isMain
      ? `The main${rating}: one handle`
      : `${device.label}${rating}`;
}

function throwsWords(
  panel: PanelView,
  devices: readonly DeviceView[],
  { reader }: SiteView,
): string {
  const throws = reader.value(panel.id, 'mainThrows') ?? throwsOf(devices, reader);
  const where = panel.upperRows === undefined ? '' : ' of the upper section';
  return `No single main: ${counted(throws, 'handle')}${where}, ${listed(devices.map(({ label }) => label))}.`;
}
