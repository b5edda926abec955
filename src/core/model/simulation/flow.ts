import { systems } from '../../vocabulary/system';
import type { Leg } from '../../vocabulary/system';
import type { BranchKind } from './network';
import { touchable } from './network';
import { ampsIn, touchableCurrents, voltsApart } from './questions';
import type { Carrying } from './questions';
import type { SiteNetwork } from './site-network';
import type { Solution } from './solve';
import type { Feed } from './supply-branches';
import { earth, joint } from './supply-branches';
import { jointWords, touchableJoints } from './joint-words';

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
  /** Metal that people touch and that stands at a voltage to earth, the highest first. V. */
  live: { joint: string; words: string; volts: number }[];
  /** Loads that do not get their voltage: a neutral of theirs is open. V. */
  starved: { words: string; volts: number; nominalV: number }[];
}

const shortOf: Partial<Record<BranchKind, string>> = {
  neutral: 'N',
  ground: 'ground',
  raceway: 'raceway',
  pipe: 'pipe',
};

/** What flows where, as the drawing of the supply shows it. */
export function flowOf(made: SiteNetwork, solution: Solution): Flow {
  const { network, feeds } = made;
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
  return {
    nodes,
    touchable: touchableCurrents(network, solution),
    live: liveMetal(made, solution),
    starved: starvedLoads(made, solution),
  };
}

/** Voltage to earth from which touched metal is named, V. */
export const namedFromV = 30;

function liveMetal(made: SiteNetwork, solution: Solution): Flow['live'] {
  return touchableJoints(made)
    .flatMap((name) => {
      const volts = voltsApart(solution, name, earth);
      return volts !== undefined && volts > namedFromV
        ? [{ joint: name, words: jointWords(name, made), volts }]
        : [];
    })
    .sort((a, b) => b.volts - a.volts);
}

/** Share of its nominal voltage by which a load is named. */
const offShare = 0.1;

/** Loads of circuits that share a neutral, where it no longer holds the middle. */
function starvedLoads({ network, shared }: SiteNetwork, solution: Solution): Flow['starved'] {
  return network.branches.flatMap(({ kind, from, to, words }) => {
    const nominalV = kind === 'load' ? shared.get(to) : undefined;
    const volts = nominalV === undefined ? undefined : voltsApart(solution, from, to);
    if (nominalV === undefined || volts === undefined) return [];
    return Math.abs(volts - nominalV) > offShare * nominalV ? [{ words, volts, nominalV }] : [];
  });
}
