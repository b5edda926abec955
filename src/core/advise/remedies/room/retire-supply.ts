import { takeOutDevice } from '../../../fieldwork/recording/take-out-device';
import { met } from '../condition';
import { defineRemedy } from '../remedy';
import type { Way } from '../remedy';

/** Offered only where the client recorded that a panel, or a second supply, is not wanted any more. */
export const retireSupply = defineRemedy({
  id: 'retire-supply',
  words: 'A supply nobody wants taken out for good',
  minutes: [60, 120, 240],
  parts: { blank: 2, 'paint-and-sundries': 1 },
  tell: [{ whom: 'permit', why: 'a supply is taken out', days: 10 }],
  wrong: ['something in use may hang on it: it is traced first'],
  global: ({ panel, reader, site }) => {
    const wanted = [met('the client does not want it any more')];
    const sources = [...reader.inspection.things.values()].filter(
      ({ id, type }) =>
        type === 'source' &&
        reader.value(id, 'notWanted') === true &&
        reader.value(id, 'feeds') === panel.id,
    );
    const fed = site.panels.filter(
      ({ id }) =>
        id !== panel.id &&
        reader.value(id, 'notWanted') === true &&
        panel.devices.some((device) => reader.value(id, 'fedFrom') === device.id),
    );
    return [
      ...sources.map(({ id }): Way => ({
        key: id,
        says: `${reader.value(id, 'name') ?? 'The second supply'} taken out for good`,
        conditions: wanted,
        apply: (work) => work.say(id, { takenOut: true }),
      })),
      ...fed.map(({ id, name }): Way => {
        const feeder = panel.devices.find((device) => reader.value(id, 'fedFrom') === device.id)!;
        return {
          key: id,
          says: `${name} and its feeder taken out for good; ${feeder.label} is free then`,
          conditions: wanted,
          frees: { positions: feeder.height, labelCircuits: feeder.terminals.length },
          apply: (work) => {
            work.say(id, { takenOut: true });
            const here = work.panelOf(panel.id)!;
            work.take(
              takeOutDevice(
                work.device(feeder.id)!,
                { leaves: 'blanked', withOthers: true },
                { panel: here, site: work.site, newId: work.newId },
              ),
            );
            for (const { conductors } of feeder.terminals)
              for (const wire of conductors) work.say(wire.id, { endState: 'capped' });
            return work.refusal;
          },
        };
      }),
    ];
  },
});
