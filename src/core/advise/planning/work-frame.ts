import type { PropertyValue } from '../../record/entries/properties';
import type { SiteView } from '../../installation/panel/site-view';
import type { PanelView } from '../../installation/panel/views';
import { torqueOnLabel, torqueText } from '../../installation/panel/torque';
import { listed } from '../../vocabulary/phrases';
import { terminalRef } from '../../record/entries/thing-types';
import type { Option } from './option';

/** What stands before the numbered steps of a work list and what follows them. */
export interface WorkFrame {
  before: readonly string[];
  after: readonly string[];
}

/** Loads that are switched off one by one before anything else, so that nothing starts under load. */
const large: ReadonlySet<PropertyValue<'loadKind'>> = new Set([
  'range',
  'dryer',
  'water-heater',
  'air-conditioner',
  'heat-pump',
  'supplementary-heat',
  'motor',
  'heat',
  'charger',
]);

/** The frame of a plan’s work: isolating and proving first; torque, power, readings and directory after. */
export function workFrame(
  before: SiteView,
  after: SiteView,
  chosen: readonly Pick<Option, 'panel' | 'off' | 'remedy'>[],
): WorkFrame {
  if (chosen.length === 0) return { before: [], after: [] };
  const service = chosen.some(({ off }) => off === 'service');
  const worked = before.panels.filter(({ id }) =>
    chosen.some(({ panel, off }) => panel === id && off !== 'nothing'),
  );
  const off = worked.length > 0 || service;
  return {
    before: off ? [loadsOff(worked), isolate(worked, service)] : [],
    after: [
      ...(off ? torqueLines(before, worked) : []),
      ...(off
        ? [
            'Cover on, power back with everything off; then the circuits one by one, large loads last.',
          ]
        : []),
      ...readings(chosen, worked),
      ...directoryLines(before, after),
    ],
  };
}

function loadsOff(panels: readonly PanelView[]): string {
  const names = [
    ...new Set(
      panels.flatMap(({ circuits }) =>
        circuits
          .filter(({ loads }) => loads.some(({ kind }) => kind && large.has(kind.value)))
          .flatMap(({ name }) => name?.trim() || []),
      ),
    ),
  ];
  return names.length === 0
    ? 'Large loads off and electronics unplugged.'
    : `Large loads off: ${listed(names)}. Electronics unplugged.`;
}

function isolate(panels: readonly PanelView[], service: boolean): string {
  if (service)
    return 'The utility shuts off; lock and tag; prove dead with a tester proven before and after.';
  const own = panels.filter(({ main }) => main).map(({ name }) => name);
  const fed = panels.filter(({ main }) => !main).map(({ name }) => name);
  const offs = [
    ...(own.length > 0 ? [`main of ${listed(own)}`] : []),
    ...(fed.length > 0 ? [`what feeds ${listed(fed)}`] : []),
  ];
  return `Off, locked and tagged: ${offs.join('; ')}. The supply side of a main stays live. Prove dead with a tester proven before and after.`;
}

/** The label’s torque for the screws that are worked on; where it was not read, that is said. */
function torqueLines({ reader }: SiteView, panels: readonly PanelView[]): string[] {
  return panels.map((panel) => {
    const [device] = panel.devices;
    const [bar] = panel.bars;
    const kinds = [
      device && {
        words: 'breaker screws',
        torque: torqueOnLabel(terminalRef(device.id, 1), panel, reader),
      },
      bar && { words: 'bar screws', torque: torqueOnLabel(terminalRef(bar.id, 1), panel, reader) },
    ].flatMap((one) => (one?.torque ? [`${one.words} ${torqueText(one.torque.value)}`] : []));
    return kinds.length === 0
      ? `${panel.name}: every screw that was loosened set with a torque tool to the label’s figure, which was not read yet.`
      : `${panel.name}: every screw that was loosened set with a torque tool: ${listed(kinds)}.`;
  });
}

function readings(
  chosen: readonly Pick<Option, 'remedy'>[],
  worked: readonly PanelView[],
): string[] {
  const asked = [...new Set(chosen.flatMap(({ remedy }) => remedy.record))];
  const volts = worked.length > 0 ? ['volts leg to leg and each leg to neutral'] : [];
  const all = [...volts, ...asked];
  return all.length === 0 ? [] : [`Record: ${all.join('; ')}.`];
}

/** Lines of the directory that read otherwise afterwards. */
function directoryLines(before: SiteView, after: SiteView): string[] {
  return after.panels.flatMap((panel) => {
    const was = before.panels.find(({ id }) => id === panel.id);
    if (!was) return [];
    const lines = (view: PanelView) =>
      new Map(
        [...view.terminals.values()].map(({ label, circuit }) => [
          label,
          circuit?.name?.trim() ?? '',
        ]),
      );
    const old = lines(was);
    const fresh = [...lines(panel)].filter(([label, name]) => (old.get(label) ?? '') !== name);
    const gone = [...old].filter(([label, name]) => name !== '' && !lines(panel).has(label));
    if (fresh.length + gone.length === 0) return [];
    const said = [
      ...fresh.map(([label, name]) => `${label} ${name || 'not named yet'}`),
      ...gone.map(([label]) => `${label} no longer`),
    ].sort((a, b) => Number.parseInt(a) - Number.parseInt(b));
    return [`Directory of ${panel.name}: ${said.join(', ')}.`];
  });
}
