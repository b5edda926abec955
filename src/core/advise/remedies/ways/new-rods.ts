import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { add } from '../../../fieldwork/recording/draft';

/** Rods driven, joined and clamped. */
export const newRods: Ways = (here) => {
  const building = here.panel.building;
  const many = here.remedy.id === 'second-rod' ? 1 : 2;
  const known = here.reader.value(building, 'electrodeCount');
  return one(
    here,
    (work) => {
      const ids = Array.from({ length: many }, () => work.newId());
      const within = here.reader.inspection.things.get(building)!.id;
      work.record(
        ids.map((id) =>
          add('electrode', id, within, {
            electrodeKind: 'rod',
            rodState: 'whole',
            rodLength: 2440,
            nextRod: 2000,
            electrodeJoined: 'joined',
            electrodeConductor: 'seen-to-end',
            electrodeConductorSize: '6',
            electrodeConductorMetal: 'cu',
            clamp: 'sound',
          }),
        ),
      );
      work.say(building, { electrodeCount: (known ?? 0) + many });
      for (const id of here.things('electrode'))
        if (here.reader.value(id, 'electrodeConductor') === 'cut')
          work.say(id, { electrodeConductor: 'seen-to-end' });
    },
    { parts: { 'ground-rod': many, clamp: many, 'electrode-conductor-metre': 3 * many } },
  );
};
