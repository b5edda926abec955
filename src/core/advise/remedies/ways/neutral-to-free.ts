import { one } from '../panel-work/one';
import { groundsAt, groundsMakeRoom, landOn, neutralsAt } from '../panel-work/screws';
import type { Ways } from '../panel-work/one';
import { screwsFree } from '../panel-work/room';

/** Conductors that share a neutral screw, each on a screw of its own; a ground goes to the ground bar. */
export const neutralToFree: Ways = (here) => {
  const neutrals = neutralsAt(here);
  const grounds = groundsAt(here);
  const moved = grounds.length > 0 ? neutrals.slice(1) : neutrals.slice(1);
  return [
    ...one(
      here,
      (work) =>
        landOn(work, here.panel.id, moved, 'neutral', here.ref) ??
        landOn(work, here.panel.id, grounds, 'ground'),
      {
        conditions: [
          ...(moved.length > 0 ? [screwsFree(here, 'neutral', moved.length)] : []),
          ...(grounds.length > 0 ? [screwsFree(here, 'ground', grounds.length)] : []),
        ],
        uses: { neutralTerminals: moved.length, groundTerminals: grounds.length },
      },
    ),
    ...groundsMakeRoom(here, moved),
  ];
};
