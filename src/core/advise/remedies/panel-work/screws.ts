import { splitRef, terminalRef } from '../../../record/entries/thing-types';
import type { Way } from '../remedy';
import type { Situation } from '../situation';
import type { Work } from '../work';

const on = (here: Situation, use: 'neutral' | 'ground'): string[] =>
  here.panel.conductors
    .filter(({ landsOn, function: kind }) => landsOn?.value === here.ref && kind?.value === use)
    .map(({ id }) => id);

/** Neutrals under the screw of a finding. */
export const neutralsAt = (here: Situation): string[] => on(here, 'neutral');
/** Grounds under the screw of a finding. */
export const groundsAt = (here: Situation): string[] => on(here, 'ground');

/**
 * A screw of a kind of bar that holds nothing: of the bar a wire is on the nearest to its own, so that it
 * reaches; else the first of another.
 */
export function freeScrew(
  work: Work,
  panel: string,
  kind: 'neutral' | 'ground',
  near?: string,
): string | undefined {
  const { reader, panels } = work.site;
  const own = near === undefined ? undefined : splitRef(near);
  const from = Number(own?.part?.replace(/^t/, '') ?? 0);
  const free = (panels.find(({ id }) => id === panel)?.bars ?? [])
    .filter((bar) => bar.kind === kind)
    .flatMap((bar, order) => {
      const taken = new Map(bar.terminals.map((one) => [one.number, one]));
      return Array.from({ length: bar.count ?? 0 }, (_, at) => at + 1).flatMap((number) => {
        const ref = terminalRef(bar.id, number);
        const held = taken.get(number)?.conductors.length ?? 0;
        const isFree =
          held === 0 && !reader.value(ref, 'conductorCount') && !reader.value(ref, 'heatMark');
        const way = bar.id === own?.thing ? Math.abs(number - from) : 1000 * (order + 1) + number;
        return isFree ? [{ ref, way }] : [];
      });
    });
  return free.sort((a, b) => a.way - b.way)[0]?.ref;
}

/** Lands each conductor on a free screw of its own. Says why where there are not enough. */
export function landOn(
  work: Work,
  panel: string,
  conductors: readonly string[],
  kind: 'neutral' | 'ground',
  from?: string,
): string | undefined {
  for (const id of conductors) {
    const before = work.reader.value(id, 'landsOn') ?? from;
    const screw = freeScrew(work, panel, kind, before);
    if (screw === undefined) return `no ${kind} screw is free`;
    work.say(id, { landsOn: screw });
    work.say(screw, { conductorCount: 1 });
    if (before) countAgain(work, panel, before);
  }
  return undefined;
}

/** Whoever works there sees what is left under a screw, and on its bar. */
function countAgain(work: Work, panel: string, screw: string): void {
  const view = work.site.panels.find(({ id }) => id === panel);
  const bar = view?.bars.find(({ id }) => id === screw.split('/')[0]);
  if (!bar) return;
  const left = bar.terminals.find(({ ref }) => ref === screw)?.conductors.length ?? 0;
  work.say(screw, { conductorCount: left });
  work.say(bar.id, { conductorCount: bar.landed });
}

/** At the first disconnect grounds may leave the neutral bar: each that does frees a screw there. */
export function groundsMakeRoom(here: Situation, moved: readonly string[]): Way[] {
  const bar = here.panel.bars.find(({ id }) => id === here.ref.split('/')[0]);
  if (
    here.panel.supply.place !== 'first-disconnect' ||
    bar?.kind !== 'neutral' ||
    moved.length === 0
  )
    return [];
  const grounds = bar.terminals
    .filter(({ ref, conductors }) => ref !== here.ref && conductors.length === 1)
    .flatMap(({ conductors }) => conductors)
    .filter(({ function: use }) => use?.value === 'ground')
    .slice(0, moved.length)
    .map(({ id }) => id);
  if (grounds.length < moved.length) return [];
  return [
    {
      key: 'grounds-moved',
      says: `${grounds.length === 1 ? 'A ground' : `${grounds.length} grounds`} to the ground bar; the neutral to the screw that frees`,
      conditions: [],
      uses: { groundTerminals: grounds.length },
      minutes: [20, 30, 60],
      apply: (work) =>
        landOn(work, here.panel.id, grounds, 'ground') ??
        landOn(work, here.panel.id, moved, 'neutral', here.ref),
    },
  ];
}
