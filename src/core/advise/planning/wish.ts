import { met, notKnown, notMet } from '../remedies/condition';
import type { Condition } from '../remedies/remedy';
import { additionFits } from '../../measure/load/addition';
import type { SiteView } from '../../installation/panel/site-view';
import type { PanelView } from '../../installation/panel/views';
import type { Yardstick } from '../../codes/yardstick/yardstick';

/** What somebody wants besides: a need with poles, amps and room. */
export interface Wish {
  id: string;
  panel: string;
  kind: 'circuit-240' | 'circuit-120' | 'charger' | 'spare-positions' | 'panel-gone';
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

/** Whether the supply bears it, by each method of demand that has its facts. */
export function wishFits(
  site: SiteView,
  panel: PanelView,
  { kind, amps }: Wish,
  yardstick: Yardstick,
): Condition {
  if (kind === 'spare-positions' || kind === 'panel-gone') return met('it draws nothing');
  const continuous = kind === 'charger';
  const { answers } = additionFits(
    site,
    panel,
    [
      {
        words: kind,
        amps,
        volts: kind === 'circuit-120' ? 120 : 240,
        continuous,
        kind: continuous ? 'charger' : 'other',
      },
    ],
    yardstick,
  );
  if (answers.length === 0)
    return notKnown('the supply bears it', 'work out or measure the demand of the panel');
  const best = answers.reduce((a, b) => (a.leftA >= b.leftA ? a : b));
  return best.fits
    ? met(`with it the demand is ${Math.round(best.amps)} A of ${best.ratingA} A`)
    : notMet(`with it the demand is ${Math.round(best.amps)} A, the main ${best.ratingA} A`);
}
