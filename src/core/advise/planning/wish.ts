import { met, notKnown } from '../remedies/condition';
import type { Condition } from '../remedies/remedy';
import { additionFits } from '../../measure/load/addition';
import type { SiteView } from '../../installation/panel/site-view';
import type { PropertyValue } from '../../record/entries/properties';
import type { PanelView } from '../../installation/panel/views';
import type { Yardstick } from '../../codes/yardstick/yardstick';

/** What somebody wants besides: a need with poles, amps and room. */
export interface Wish {
  id: string;
  panel: string;
  kind: PropertyValue<'wishKind'>;
  /** A, of a circuit or charger. */
  amps: number;
  /** Positions kept free. */
  positions: number;
}

/** As a list says it. */
export function wishWords({
  kind,
  amps,
  positions,
}: Pick<Wish, 'kind' | 'amps' | 'positions'>): string {
  switch (kind) {
    case 'circuit-240':
      return `A 240 V circuit of ${amps} A`;
    case 'circuit-120':
      return `A 120 V circuit of ${amps} A`;
    case 'charger':
      return `A vehicle charger of ${amps} A`;
    case 'spare-positions':
      return positions === 1 ? 'A spare position' : `${positions} spare positions`;
    case 'panel-gone':
      return 'The old panel gone';
    case 'one-meter':
      return 'One meter for all';
  }
}

/** What is wanted, as it was recorded and still stands. */
export function wishesOf({ reader, panels }: SiteView): Wish[] {
  return [...reader.inspection.things.values()].flatMap((thing): Wish[] => {
    if (thing.type !== 'wish' || reader.value(thing.id, 'removed')) return [];
    const kind = reader.value(thing.id, 'wishKind');
    const panel = reader.value(thing.id, 'wishPanel') ?? panels[0]?.id;
    if (!kind || panel === undefined || !panels.some(({ id }) => id === panel)) return [];
    return [
      {
        id: thing.id,
        panel,
        kind,
        amps: reader.value(thing.id, 'wishA') ?? (kind === 'charger' ? 32 : 20),
        positions: reader.value(thing.id, 'wishPositions') ?? 4,
      },
    ];
  });
}

/** Wishes that need no power. */
const drawsNothing: ReadonlySet<Wish['kind']> = new Set([
  'spare-positions',
  'panel-gone',
  'one-meter',
]);

const wished = ({ kind, amps }: Wish) => ({
  words: kind,
  amps,
  volts: kind === 'circuit-120' ? 120 : 240,
  continuous: kind === 'charger',
  kind: kind === 'charger' ? ('charger' as const) : ('other' as const),
});

/** A of demand the supply of a panel bears beyond what is there, by the method that leaves most; all where none has its facts. */
export function ampsLeft(site: SiteView, panel: PanelView, yardstick: Yardstick): number {
  const { answers } = additionFits(site, panel, [], yardstick);
  if (answers.length === 0) return 1000;
  return Math.max(0, Math.floor(Math.max(...answers.map(({ leftA }) => leftA))));
}

/** What a wish draws from the supply, by the methods of demand that have their facts. */
export function wishDraws(
  site: SiteView,
  panel: PanelView,
  wish: Wish,
  yardstick: Yardstick,
): { condition: Condition; amps: number } {
  if (drawsNothing.has(wish.kind)) return { condition: met('it draws nothing'), amps: 0 };
  const { answers } = additionFits(site, panel, [wished(wish)], yardstick);
  if (answers.length === 0)
    return {
      condition: notKnown('the supply bears it', 'work out or measure the demand of the panel'),
      amps: 0,
    };
  const before = additionFits(site, panel, [], yardstick).answers;
  const best = answers.reduce((a, b) => (a.leftA >= b.leftA ? a : b));
  const was = before.find(({ method }) => method === best.method)?.amps ?? 0;
  return {
    condition: best.fits
      ? met(`with it the demand is ${Math.round(best.amps)} A of ${best.ratingA} A`)
      : met(
          `with it the demand is ${Math.round(best.amps)} A, the main ${best.ratingA} A: a larger service is wanted`,
        ),
    // Where the demand is over already, what is over counts with it.
    amps: Math.ceil(best.amps - Math.min(was, best.ratingA)),
  };
}
