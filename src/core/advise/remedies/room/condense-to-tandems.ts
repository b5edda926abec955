import { met, notKnown, notMet } from '../condition';
import { condense, pairsToCondense } from '../panel-work/condense';
import { whole } from '../panel-work/whole';
import { defineRemedy } from '../remedy';
import { listed } from '../../../vocabulary/phrases';

/** Room in a full panel: the halves of a tandem take two circuits where the label allows it. */
export const condenseToTandems = defineRemedy({
  id: 'condense-to-tandems',
  words: 'Two single breakers into one tandem where the label allows it, so that a position frees',
  wrong: ['the wires may not reach'],
  record: ['torque at the screws'],
  global: (at) => {
    const allowed = at.reader.value(at.panel.id, 'labelTandemPositions');
    const most = at.settings.house.mostTandems;
    const there = at.panel.devices.filter(({ form }) => form === 'tandem').length;
    return [1, 2, 3, 4].flatMap((many) => {
      const pairs = pairsToCondense(at, many);
      if (!pairs && (many > 1 || allowed !== undefined)) return [];
      return whole(
        at,
        (work) => {
          if (!pairs) return 'which positions take tandems was not read';
          pairs.forEach((pair) => condense(work, at.panel, pair));
          return undefined;
        },
        {
          key: String(many),
          says: pairs
            ? `${listed(pairs.map(({ stays, goes }) => `${goes.label} to a tandem at ${stays.label}`))}; ${listed(pairs.map(({ goes }) => goes.label))} ${many === 1 ? 'is' : 'are'} free then`
            : at.remedy.words,
          conditions: [
            allowed === undefined
              ? notKnown(
                  'the label allows tandems',
                  'read which positions the label allows tandems at',
                )
              : met('the label allows tandems there'),
            most !== null && there + many > most
              ? notMet(`the house limit is ${most} tandems`)
              : met('within the house limit'),
          ],
          frees: { positions: many },
          parts: { tandem: many, blank: many },
          minutes: [25 * many, 35 * many, 60 * many],
        },
      );
    });
  },
});
