import { switchedOffBy } from './switched-off-by';
import type { RuleId } from '../../vocabulary/rule-id';
import type { Assessment } from '../../judge/assess/assess';
import type { SiteView } from '../../installation/panel/site-view';
import { shutOffDevices, throwsOf } from '../../installation/panel/throws';
import type { DeviceView, PanelView } from '../../installation/panel/views';
import { capital, counted, listed } from '../../vocabulary/phrases';
import { SupplyTree } from '../../installation/supply/tree';
import type { Finding } from '../../judge/grading/finding';
import type { ShutOff } from './report';

/** What a handle does: nobody tested that everything is dead behind it. */
const switchesOff = 'switches the whole panel off; not tested, treat as live.';

/**
 * How each panel is shut off, as recorded; what was not recorded is said, never guessed. A panel nobody
 * should touch has no such instruction.
 */
export function shutOffs({ site, findings }: Pick<Assessment, 'site' | 'findings'>): ShutOff[] {
  const why = new Map(site.panels.map((panel) => [panel.id, keepOff(panel, site, findings)]));
  const barred = new Set(site.panels.flatMap(({ id }) => (why.get(id) ? id : [])));
  return site.panels.map((panel) => cardOf(panel, site, why.get(panel.id), barred));
}

function cardOf(
  panel: PanelView,
  site: SiteView,
  why: string | undefined,
  barred: ReadonlySet<string>,
): ShutOff {
  return {
    panelName: panel.name,
    how: why
      ? [
          `Do not touch this panel: ${why}.`,
          'Call the utility or the emergency number, and a licensed electrician.',
        ]
      : [...panelOff(panel, site, barred), ...byWhom(site)],
    staysLive: why ? 'everything, until it was made safe' : staysLive(panel, site),
  };
}

/** Rules whose finding makes a panel one not to be touched, with what to say of it. */
const untouchable: Readonly<Partial<Record<RuleId, string>>> = {
  'enclosure/live-metal': 'its metal may be live',
  'reading/arcing': 'it arced or crackled',
  'enclosure/dead-front': 'live parts are in reach',
  'service/burned-termination': 'its main or a lug was burned or hot',
  'service/loose': 'its main or a lug is loose',
  'service/meter-socket-bypassed': 'its meter is bypassed',
};

/** Why nobody should touch a panel: live metal, arcing, an open gap, heat at the main; or the inspector stopped. */
function keepOff(
  panel: PanelView,
  { reader }: SiteView,
  findings: readonly Finding[],
): string | undefined {
  if (reader.value(panel.building, 'goOn') === 'stop') return 'the inspector stopped before it';
  const here = findings
    .flatMap(({ verdict, absorbed }) => [verdict, ...absorbed])
    .filter((verdict) => verdict.panel === panel.id && verdict.outcome.outcome === 'found');
  for (const { rule, outcome, place } of here) {
    const danger = outcome.outcome === 'found' && outcome.danger !== undefined;
    if (rule.id === 'enclosure/open-position' && danger)
      return 'an opening in its front leads to live parts';
    if (rule.id === 'enclosure/dead-front' && !danger) continue;
    if (untouchable[rule.id]) return untouchable[rule.id];
    const atMain = panel.main && place.ref.startsWith(panel.main.id);
    if (atMain && (rule.id === 'breaker/burned-terminal' || rule.id === 'breaker/worn'))
      return 'its main was found hot or failing';
  }
  return undefined;
}

/** Who may switch off here, as agreed. */
function byWhom({ reader, site }: SiteView): string[] {
  const may = site ? reader.value(site, 'mayShutOff') : undefined;
  const by = site ? reader.value(site, 'shutOffBy') : undefined;
  if (may === 'by-others' || by) return [switchedOffBy(by)];
  return may === 'no' ? ['As agreed, it is not to be switched off without asking first.'] : [];
}

/** What stays live when a panel's own handles are off. */
export function staysLive(panel: PanelView, site: SiteView): string {
  const above = new SupplyTree(site.reader).above(panel.id);
  const sources = secondSupplies(panel, site);
  const wires = `the wires that come in${busBeforeHandles(panel)}`;
  const held = !above
    ? `${wires}: what is above them was not recorded`
    : panel.supply.place === 'downstream'
      ? `${wires}, until the breaker or switch above it is off`
      : panel.supply.place === 'first-disconnect'
        ? `${wires}, from the meter on: only the utility shuts them off`
        : `${wires}: where they are shut off was not recorded`;
  return sources.length > 0 ? `${held}; and what ${listed(sources)} feeds` : held;
}

/** Without a single main the bus itself stands before the handles, and no handle reaches it. */
function busBeforeHandles({ main, pullOuts, upperRows, mainKind }: PanelView): string {
  if (main || pullOuts.length > 0) return '';
  if (upperRows !== undefined) return ' and the bus of the upper section';
  return mainKind === 'throws' ? ' and the whole bus' : '';
}

/** The device or switch above a thing whose handle shuts it off. Undefined: none is recorded. */
export function offAbove(thing: string, site: SiteView): string | undefined {
  const { reader } = site;
  const above = new SupplyTree(reader).above(thing);
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

/** Its own handles that shut it off, in words. Undefined: not known, or it has none. */
export function ownHandles(panel: PanelView, site: SiteView): string | undefined {
  const devices = shutOffDevices(panel);
  if (panel.main || panel.pullOuts.length > 0)
    return capital(`${devices.map(handleWords).join(', then ')}.`);
  // Breakers alone do not say that there is no main: somebody must have looked.
  const noMain = panel.mainKind === 'throws' || panel.upperRows !== undefined;
  return noMain && devices.length > 0 ? throwsWords(panel, devices, site) : undefined;
}

/**
 * How a panel is shut off, for its card.
 * @param barred panels nobody should touch: a switch in one of them is no way to shut off
 */
export function panelOff(
  panel: PanelView,
  site: SiteView,
  barred: ReadonlySet<string> = new Set(),
): string[] {
  const holder = new SupplyTree(site.reader).above(panel.id)?.thing.id;
  const inBarred = site.panels.find(({ id }) => id === holder && barred.has(id));
  const above = inBarred ? undefined : offAbove(panel.id, site);
  const own = ownHandles(panel, site);
  const lugsOnly = panel.mainKind === 'lugs';
  const lines = [
    own,
    above && (own ? `Or ${above}, which ${switchesOff}` : `${capital(above)}: it ${switchesOff}`),
    !own && lugsOnly && 'It has no main of its own.',
    !own && !lugsOnly && 'Whether it has a main of its own was not recorded.',
    inBarred &&
      `The switch ahead of it is in ${inBarred.name}, which nobody should touch: the utility or a licensed electrician shuts it off.`,
    !own && !above && !inBarred && 'How it is shut off was not recorded. Ask before you need it.',
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
