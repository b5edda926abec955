import type { Contradiction } from '@/core/fieldwork/merging/contradiction';
import type { PanelView } from '@/core/installation/panel/views';
import { splitRef } from '@/core/record/entries/thing-types';
import type { Selection } from '../Book/context';
import { selectionOf } from '../Walk/selection';

/** Whether it is shown where this is in hand: on its position or its screw, else where its thing is touched. */
export function isInHand(
  { about }: Contradiction,
  selection: Selection,
  panel: PanelView,
): boolean {
  if (selection.kind === 'thing')
    return about === selection.ref || splitRef(about).thing === selection.ref;
  const place = selectionOf(about, panel);
  if (selection.kind === 'stage') return place === undefined || place.kind === 'stage';
  if (place?.kind !== selection.kind) return false;
  if (place.kind === 'screw' && selection.kind === 'screw')
    return place.bar === selection.bar && place.number === selection.number;
  const at = (number: number) =>
    panel.positions.find((position) => position.number === number)?.devices ?? [];
  return (
    place.kind === 'position' &&
    selection.kind === 'position' &&
    (place.number === selection.number ||
      at(place.number).some((device) => at(selection.number).includes(device)))
  );
}
