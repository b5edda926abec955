import type { ConductorView, DeviceView, PanelView } from '../../installation/panel/views';
import { mmOf } from '../../vocabulary/lengths';
import { capital } from '../../vocabulary/phrases';
import type { SiteView } from '../../installation/panel/site-view';
import type { Leg, SystemName } from '../../vocabulary/system';
import { systems } from '../../vocabulary/system';
import type { ConductorMetal, Size } from '../../vocabulary/size';
import type { Yardstick } from '../../codes/yardstick/yardstick';
import type { Assuming } from './assumptions';
import { conductorOhm, runOhm } from '../../codes/yardstick/conductor-ohm';
import type { Branch, BranchKind } from './network';
import { windingOhm } from '../../installation/supply/fault-current';
import { windings } from './source';

/** A leg, the neutral or the enclosure with its grounds of a part of the supply; the metal of a pipe or a shell. */
export const joint = (thing: string, end: Leg | 'N' | 'G' | 'P' | 'F') => `${thing}:${end}`;
export const earth = 'earth';

/** One thing that is fed, and what feeds it, meters left out. */
export interface Feed {
  /** Panel or disconnect. */
  id: string;
  name: string;
  /** Service, disconnect or panel above. */
  from: string;
  fromService: boolean;
  /** Breaker of the panel above. */
  by: DeviceView | undefined;
  system: SystemName;
}

export interface Making {
  site: SiteView;
  yardstick: Yardstick;
  assuming: Assuming;
}

/** Windings and the utility's conductors of a service; its neutral earthed at the transformer. */
export function serviceBranches(
  id: string,
  system: SystemName,
  { site: { reader }, assuming }: Making,
): Branch[] {
  const kva = reader.value(id, 'transformerKva');
  const percent = reader.value(id, 'transformerImpedancePercent');
  const winding =
    kva !== undefined && percent !== undefined
      ? windingOhm(system, { kva, impedancePercent: percent })
      : assuming.value({
          id: `winding:${id}`,
          words: 'Transformer, each winding',
          value: 0.023,
          unit: 'Ω',
          least: 0,
          most: 1,
          because: 'like 25 kVA at 2 %: its plate was not read',
          about: id,
        });
  const line = assuming.value({
    id: `line:${id}`,
    words: 'Utility’s conductors, each',
    value: 0.01,
    unit: 'Ω',
    least: 0,
    most: 5,
    because: 'the utility’s run was not recorded',
    about: id,
  });
  const source = (end: Leg | 'N') => joint(`source-${id}`, end);
  const branch = (end: Leg | 'N', ohm: number): Branch => ({
    id: `line:${id}:${end}`,
    from: source(end),
    to: joint(id, end),
    ohm,
    kind: end === 'N' ? 'neutral' : 'hot',
    words: end === 'N' ? 'utility’s neutral' : `utility’s leg ${end}`,
  });
  const neutral = assuming.value({
    id: `line-neutral:${id}`,
    words: 'Utility’s neutral',
    value: line,
    unit: 'Ω',
    least: 0,
    most: 50,
    because: 'like its legs; a failing joint adds to it',
    about: id,
  });
  const whole = assuming.closed(`line-neutral:${id}`, 'Utility’s neutral', id, undefined, true);
  return [
    ...windings(system, source, winding),
    ...systems[system].legs.map((leg) => branch(leg, line)),
    ...(whole ? [branch('N', neutral)] : []),
    {
      id: `earth:${id}`,
      from: source('N'),
      to: earth,
      ohm: assuming.value({
        id: `earth:${id}`,
        words: 'Transformer’s own earth',
        value: 5,
        unit: 'Ω',
        least: 0.1,
        most: 1000,
        because: 'rods of the utility, not measured',
        about: id,
      }),
      kind: 'electrode',
      words: 'transformer’s earth',
    },
  ];
}

/** Conductors, ground and raceway from what feeds a thing to the thing itself. */
export function feedBranches(feed: Feed, making: Making): Branch[] {
  const { site, yardstick, assuming } = making;
  const { reader } = site;
  const { id, name, from, by, fromService } = feed;
  const cable = by && cableOf(by, site);
  const recordedMetal = reader.value(id, 'supplyMetal') ?? cable?.hot?.metal?.value;
  const metal: ConductorMetal = recordedMetal ?? 'cu';
  const changed = assuming.whatIf.size?.[id];
  const recordedSize = changed ?? reader.value(id, 'supplySize') ?? cable?.hot?.size?.value;
  // As small as a 100 A dwelling service may be in copper (310.12): more resistance, not less.
  const size = recordedSize ?? '4';
  assuming.sizes.set(id, {
    id,
    words: fromService ? `Service conductors of ${name}` : `Feeder of ${name}`,
    size,
    metal,
    assumed: recordedSize
      ? recordedMetal
        ? 'nothing'
        : 'metal'
      : recordedMetal
        ? 'size'
        : 'size and metal',
  });
  const lengthMm = feedLengthMm(feed, making);
  const [what, of] = fromService ? ['service', ''] : ['feeder', ` of ${name}`];
  const branch = (kind: BranchKind, end: Leg | 'N' | 'G', ohm: number, words: string): Branch => ({
    id: `${kind}:${id}${kind === 'hot' ? `:${end}` : ''}`,
    from: joint(from, end),
    to: joint(id, end),
    ohm,
    kind,
    words,
  });
  const run = (one: Size) => conductorOhm(yardstick, one, metal, lengthMm);
  const legs = by ? [...new Set(by.terminals.map((terminal) => terminal.leg))] : [];
  const branches = (legs.length > 1 ? legs : systems[feed.system].legs).map((leg) =>
    branch('hot', leg, run(size), `${what} conductor ${leg}${of}`),
  );
  const neutralSize =
    changed ?? reader.value(id, 'supplyNeutralSize') ?? cable?.neutral?.size?.value ?? size;
  if (assuming.closed(`neutral:${id}`, `${capital(what)} neutral${of}`, id, undefined, true)) {
    const bad = assuming.value({
      id: `neutral-joint:${id}`,
      words: `A bad joint in the ${what} neutral${of}`,
      value: 0,
      unit: 'Ω',
      least: 0,
      most: 50,
      because: 'taken as sound',
      about: id,
    });
    branches.push(branch('neutral', 'N', run(neutralSize) + bad, `${what} neutral${of}`));
  }
  if (fromService) return branches;

  const hasGround =
    reader.value(id, 'feederHasGround') ??
    (reader.value(id, 'supplyGroundSize') || cable?.ground ? true : undefined);
  if (assuming.closed(`ground:${id}`, `Ground run with the feeder${of}`, id, hasGround, true)) {
    const groundSize =
      reader.value(id, 'supplyGroundSize') ??
      cable?.ground?.size?.value ??
      yardstick.equipmentGround.find(({ upToA }) => (by?.terminals[0]?.handleA ?? 60) <= upToA)
        ?.cu ??
      '10';
    const groundMetal =
      reader.value(id, 'supplyGroundMetal') ?? cable?.ground?.metal?.value ?? 'cu';
    branches.push(
      branch(
        'ground',
        'G',
        conductorOhm(yardstick, groundSize, groundMetal, lengthMm),
        `feeder ground${of}`,
      ),
    );
  }
  const raceway = reader.value(id, 'supplyRaceway');
  const metalRaceway =
    raceway === undefined
      ? undefined
      : raceway === 'steel-raceway' || raceway === 'aluminium-raceway';
  if (
    assuming.closed(`raceway:${id}`, `Metal raceway of the feeder${of}`, id, metalRaceway, false)
  ) {
    const perKft = assuming.value({
      id: `raceway:${id}`,
      words: `Raceway of the feeder${of}`,
      value: 1,
      unit: 'Ω per 1000 ft',
      least: 0.01,
      most: 50,
      because: '¾ in steel tubing with couplings; aluminium is better',
      about: id,
    });
    branches.push(branch('raceway', 'G', runOhm(perKft, lengthMm), `raceway of the feeder${of}`));
  }
  const pipeThere = reader.value(id, 'metalPathBetween');
  if (assuming.closed(`pipe:${id}`, `Metal pipe beside the feeder${of}`, id, pipeThere, false)) {
    const perKft = assuming.value({
      id: `pipe:${id}`,
      words: `Pipe beside the feeder${of}`,
      value: 0.07,
      unit: 'Ω per 1000 ft',
      least: 0.001,
      most: 50,
      because: '¾ in copper pipe',
      about: id,
    });
    branches.push(branch('pipe', 'G', runOhm(perKft, lengthMm), `pipe between${of ? of : ''}`));
  }
  return branches;
}

/** Length of the run, mm. */
function feedLengthMm({ id, name, fromService }: Feed, { site, assuming }: Making): number {
  const recorded = site.reader.value(id, 'supplyLength');
  const assumed = recorded === undefined ? (fromService ? 8 : 12) : mmOf(recorded) / 1000;
  return (
    1000 *
    assuming.value({
      id: `length:${id}`,
      words: fromService ? 'Service run' : `Feeder of ${name}, its length`,
      value: assumed,
      unit: 'm',
      least: 0.5,
      most: 300,
      because: recorded === undefined ? 'its length was not recorded' : 'as recorded',
      about: id,
      recorded: recorded !== undefined,
    })
  );
}

/** Conductors of the cable a breaker feeds. */
function cableOf(device: DeviceView, site: SiteView) {
  const panel = site.panels.find((one) => one.terminals.has(device.terminals[0]?.ref ?? ''));
  const hot = device.terminals[0]?.conductors[0];
  if (!panel || !hot) return undefined;
  return { hot, ...companions(panel, hot) };
}

/** Neutral and ground of the cable a hot conductor came in. */
export function companions(
  panel: PanelView,
  hot: ConductorView,
): { neutral?: ConductorView; ground?: ConductorView } {
  if (!hot.cable) return {};
  const mates = panel.conductors.filter((one) => one.cable?.id === hot.cable!.id);
  const used = (as: 'neutral' | 'ground') => mates.find((one) => one.function?.value === as);
  return { neutral: used('neutral'), ground: used('ground') };
}
