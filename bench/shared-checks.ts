import { Engine } from 'json-rules-engine';
import type { NestedCondition } from 'json-rules-engine';
import { mmOf } from '@/core/vocabulary/lengths';
import type { SiteView } from '@/core/installation/panel/site-view';
import type { PanelView } from '@/core/installation/panel/views';
import { ruleById } from '@/core/judge/rules';
import type { Rule, Scene } from '@/core/judge/check/rule';

/** The ten checks answered twice: by our rules, and as conditions of a general rule engine. */
export const sharedRules: readonly Rule[] = [
  'access/working-space-depth',
  'enclosure/open-position',
  'bus/burned-position',
  'breaker/double-tap',
  'breaker/not-for-this-panel',
  'breaker/tandem-not-allowed',
  'breaker/improvised-tie',
  'conductor/white-as-hot',
  'ground/bond-missing',
  'neutral/double',
].map((id) => ruleById.get(id)!);

/** `rule|place` of each finding, sorted. */
export type Answers = string[];

export function answersOfRules(scene: Scene): Answers {
  const answers: Answers = [];
  for (const rule of sharedRules)
    rule.examine(scene, (place, { outcome }) => {
      if (outcome === 'found') answers.push(`${rule.id}|${place.ref}`);
    });
  return answers.sort();
}

type FlatFacts = Record<string, string | number | boolean | null>;

/** Facts of one place, flat as a general engine takes them. */
interface FlatPlace {
  ref: string;
  facts: FlatFacts;
}

const all = (...conditions: NestedCondition[]) => ({ all: conditions });
const is = (fact: string, value: string | number | boolean): NestedCondition => ({
  fact,
  operator: 'equal',
  value,
});
const over = (fact: string, value: number | { fact: string }): NestedCondition => ({
  fact,
  operator: 'greaterThan',
  value,
});

/** The same ten checks as conditions. */
export function generalEngine(): Engine {
  const engine = new Engine([], { allowUndefinedFacts: true });
  const rule = (id: string, ...conditions: NestedCondition[]) =>
    engine.addRule({ conditions: all(...conditions), event: { type: id } });
  rule(
    'access/working-space-depth',
    is('kind', 'panel'),
    over('wantedDepthMm', { fact: 'depthMm' }),
  );
  rule('ground/bond-missing', is('kind', 'panel'), is('first', true), is('bond', 'none'));
  rule(
    'enclosure/open-position',
    is('kind', 'position'),
    is('filled', false),
    is('opening', 'open'),
  );
  rule('bus/burned-position', is('kind', 'position'), is('bus', 'burned'));
  rule('breaker/double-tap', is('kind', 'terminal'), over('count', { fact: 'takes' }));
  rule('breaker/not-for-this-panel', is('kind', 'device'), is('accepted', false));
  rule(
    'breaker/tandem-not-allowed',
    is('kind', 'device'),
    is('form', 'tandem'),
    is('tandemAllowed', false),
  );
  rule('breaker/improvised-tie', is('kind', 'device'), is('tie', 'improvised'));
  rule('conductor/white-as-hot', is('kind', 'conductor'), is('white', true), is('remarked', false));
  rule('neutral/double', is('kind', 'neutral screw'), over('neutrals', 1));
  return engine;
}

/** The recorded panel as flat facts, made once: neither side is timed making them. */
export function flatPlaces(site: SiteView, panel: PanelView, wantedDepthMm: number): FlatPlace[] {
  const { reader } = site;
  const value = <T>(got: T | undefined): T | null => got ?? null;
  const accepts = reader.value(panel.id, 'labelAccepts') ?? [];
  const depth = reader.value(panel.id, 'depthMm');
  const tandems = reader.value(panel.id, 'labelTandemPositions') ?? [];
  return [
    {
      ref: panel.id,
      facts: {
        kind: 'panel',
        depthMm: depth === undefined ? null : mmOf(depth),
        wantedDepthMm,
        first: panel.supply.place === 'first-disconnect',
        bond: value(reader.value(panel.id, 'bond')),
      },
    },
    ...panel.positions.map(({ ref, devices, opening }) => ({
      ref,
      facts: {
        kind: 'position',
        filled: devices.length > 0,
        opening: value(opening?.value),
        bus: value(reader.value(ref, 'busCondition')),
      },
    })),
    ...panel.devices.map((device) => ({
      ref: device.id,
      facts: {
        kind: 'device',
        form: device.form,
        accepted: accepts.includes(reader.value(device.id, 'maker') ?? ''),
        tandemAllowed: tandems.includes(device.number),
        tie: value(reader.value(device.id, 'tie')),
      },
    })),
    ...panel.devices.flatMap((device) =>
      device.terminals.map((terminal) => ({
        ref: terminal.ref,
        facts: {
          kind: 'terminal',
          count: terminal.conductors.length,
          takes: value(reader.value(device.id, 'terminalTakes')),
        },
      })),
    ),
    ...panel.devices.flatMap((device) =>
      device.terminals.flatMap((terminal) =>
        terminal.conductors.map(({ id, colour }) => ({
          ref: id,
          facts: {
            kind: 'conductor',
            white: colour?.value === 'white',
            remarked: value(reader.value(id, 'remarked')),
          },
        })),
      ),
    ),
    ...panel.bars.flatMap((bar) =>
      bar.terminals.map((screw) => ({
        ref: screw.ref,
        facts: {
          kind: 'neutral screw',
          neutrals: screw.conductors.filter((one) => one.function?.value === 'neutral').length,
        },
      })),
    ),
  ];
}

export async function answersOfEngine(
  engine: Engine,
  places: readonly FlatPlace[],
): Promise<Answers> {
  const answers: Answers = [];
  for (const { ref, facts } of places) {
    const { events } = await engine.run(facts);
    for (const { type } of events) answers.push(`${type}|${ref}`);
  }
  return answers.sort();
}
