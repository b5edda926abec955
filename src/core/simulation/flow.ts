import { systems } from '../panel/system';
import type { Leg } from '../panel/system';
import type { BranchKind } from './network';
import { touchable } from './network';
import { ampsIn, touchableCurrents, voltsApart } from './questions';
import type { Carrying } from './questions';
import type { SiteNetwork } from './site-network';
import type { Solution } from './solve';
import type { Feed } from './supply-branches';
import { earth, joint } from './supply-branches';

/** One conductor or other metal between two parts of the supply, with what flows in it. */
export interface FlowWay {
  id: string;
  kind: BranchKind;
  words: string;
  /** As short as the drawing wants: A, B, N, ground, raceway, pipe. */
  short: string;
  amps: number;
  /** Away from the source, or back to it, in the half-wave of leg A. */
  direction: 'out' | 'back' | 'none';
  touchable: boolean;
}

/** A panel or disconnect with what comes to it. */
export interface FlowNode {
  feed: Feed;
  ways: FlowWay[];
  /** V of each leg to neutral here. */
  legV: { leg: Leg; volts: number | undefined }[];
  /** V between neutral and enclosure. */
  neutralGroundV: number | undefined;
  /** V between enclosure and earth. */
  touchV: number | undefined;
  /** A in the joint of neutral and enclosure; undefined where there is none. */
  bondA: number | undefined;
  /** A in all electrodes here. */
  electrodeA: number | undefined;
}

export interface Flow {
  nodes: FlowNode[];
  /** Metal that people touch, with its current. */
  touchable: Carrying[];
}

const shortOf: Partial<Record<BranchKind, string>> = {
  neutral: 'N',
  ground: 'ground',
  raceway: 'raceway',
  pipe: 'pipe',
};

/** What flows where, as the drawing of the supply shows it. */
export function flowOf({ network, feeds }: SiteNetwork, solution: Solution): Flow {
  const nodes = feeds.map((feed): FlowNode => {
    const { id, system } = feed;
    const toNode = network.branches.filter(
      ({ to, from }) => to.startsWith(`${id}:`) && from.startsWith(`${feed.from}:`),
    );
    const electrodes = network.branches.filter(
      ({ kind, from }) => kind === 'electrode' && from === joint(id, 'G'),
    );
    const bond = network.branches.find((one) => one.id === `bond:${id}`);
    return {
      feed,
      ways: toNode.map(({ id: way, kind, words }) => {
        const through = solution.amps.get(way)!;
        const amps = ampsIn(solution, way);
        const sign = Math.abs(through.re) >= Math.abs(through.im) ? through.re : through.im;
        return {
          id: way,
          kind,
          words,
          short: shortOf[kind] ?? way.slice(way.lastIndexOf(':') + 1),
          amps,
          direction: amps < 0.005 ? 'none' : sign > 0 ? 'out' : 'back',
          touchable: touchable.has(kind),
        };
      }),
      legV: systems[system].legs.map((leg) => ({
        leg,
        volts: voltsApart(solution, joint(id, leg), joint(id, 'N')),
      })),
      neutralGroundV: voltsApart(solution, joint(id, 'N'), joint(id, 'G')),
      touchV: voltsApart(solution, joint(id, 'G'), earth),
      bondA: bond && ampsIn(solution, bond.id),
      electrodeA:
        electrodes.length > 0
          ? electrodes.reduce((sum, one) => sum + ampsIn(solution, one.id), 0)
          : undefined,
    };
  });
  return { nodes, touchable: touchableCurrents(network, solution) };
}
