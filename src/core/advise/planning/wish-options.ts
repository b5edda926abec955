import type { Assessment } from '../../judge/assess/assessment';
import { newDevice } from '../remedies/panel-work/moves';
import { sizeFor } from '../remedies/panel-work/runs';
import { add } from '../../fieldwork/recording/draft';
import { defineRemedy } from '../remedies/remedy';
import type { Way } from '../remedies/remedy';
import type { Work } from '../remedies/work';
import { breakerForA } from '../../measure/load/addition';
import type { RemedyId } from '../../vocabulary/remedy-id';
import type { Option } from './option';
import type { WishNeed } from './problem-of';
import type { Wish } from './wish';
import { wishDraws, wishWords } from './wish';

/** Works on a whole panel that give a wish by the way. */
export const givers: Partial<Record<Wish['kind'], ReadonlySet<string>>> = {
  'panel-gone': new Set(['replace-panel', 'move-panel', 'larger-service']),
  'one-meter': new Set(['merge-meters']),
};

/** Wishes as the solver sees them: what it takes to have each, and what gives it by the way. */
export function wishNeeds({ site, yardstick }: Assessment, wishes: readonly Wish[]): WishNeed[] {
  return wishes.flatMap((wish): WishNeed[] => {
    const panel = site.panels.find(({ id }) => id === wish.panel);
    if (!panel) return [];
    const { condition, amps: draws } = wishDraws(site, panel, wish, yardstick);
    const base = {
      id: `wish@${wish.id}`,
      remedy: defineRemedy({ id: 'wish' as RemedyId, words: wishWords(wish) }),
      says: wishWords(wish),
      panel: wish.panel,
      finding: undefined,
      conditions: [condition],
      frees: {},
      off: 'panel' as const,
      tell: [],
      needsUtility: false,
      leaves: new Map(),
      makes: [],
      not: undefined,
      looks:
        condition.state === 'not-known' ? [{ says: condition.says, look: condition.look }] : [],
    };
    const givenBy = givers[wish.kind];
    const room = wish.kind === 'spare-positions';
    const poles = wish.kind === 'circuit-120' ? 1 : 2;
    const way: Way = {
      key: '',
      says: base.says,
      conditions: base.conditions,
      apply: (work) => (room ? undefined : newCircuit(work, wish, poles)),
    };
    const own: Option = {
      ...base,
      ways: [way],
      uses: room
        ? { positions: wish.positions }
        : { positions: poles, labelCircuits: poles, amps: draws },
      parts: room
        ? {}
        : {
            [poles === 2 ? 'breaker-2' : 'breaker-1']: 1,
            'branch-cable-metre': 12,
            box: 1,
          },
      minutes: room ? [0, 0, 0] : [90, 150, 300],
      apply: way.apply,
    };
    return [
      {
        id: base.id,
        options: givenBy ? [] : [own],
        coveredBy: (option) =>
          givenBy !== undefined && option.panel === wish.panel && givenBy.has(option.remedy.id),
      },
    ];

    function newCircuit(work: Work, { amps, kind }: Wish, of: 1 | 2): string | undefined {
      const ratingA = breakerForA(yardstick, { amps, continuous: kind === 'charger' }) ?? amps;
      const name = kind === 'charger' ? 'Vehicle charger' : `New circuit of ${ratingA} A`;
      const refusal = newDevice(work, wish.panel, of === 2 ? 'two-pole' : 'single-pole', {
        ratingA,
        name,
      });
      if (refusal) return refusal;
      const device = work
        .panelOf(wish.panel)!
        .devices.find(({ terminals }) => terminals[0]?.circuit?.name === name)!;
      const cable = work.newId();
      const size = sizeFor(yardstick, ratingA, 'cu');
      work.record([
        add('cable', cable, wish.panel, {
          cableKind: 'nm',
          cableClamp: 'clamped',
          jacketState: 'sound',
        }),
        ...device.terminals.map(({ ref, circuit }, at) =>
          add('conductor', work.newId(), cable, {
            function: 'hot',
            size,
            metal: 'cu',
            colour: at === 0 ? 'black' : 'red',
            insulationState: 'sound',
            landsOn: ref,
            ...(circuit && { circuit: circuit.id }),
          }),
        ),
      ]);
      for (const { ref } of device.terminals) work.say(ref, { conductorCount: 1 });
      const circuit = device.terminals[0]?.circuit;
      if (kind === 'charger' && circuit)
        work.record([
          add('load', work.newId(), circuit.id, {
            loadKind: 'charger',
            listedW: amps * 240,
            loadPoles: 'line-to-line',
            continuous: true,
            newLoad: true,
          }),
        ]);
      return undefined;
    }
  });
}
