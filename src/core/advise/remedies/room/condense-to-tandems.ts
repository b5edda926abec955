import { met, notKnown, notMet } from '../condition';
import { condense, pairsToCondense } from '../panel-work/condense';
import { whole } from '../panel-work/whole';
import { defineRemedy } from '../remedy';
import { counted } from '../../../vocabulary/phrases';

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
      const pairs = pairsToCondense(at, many, at.busy) ?? pairsToCondense(at, many);
      if (!pairs && (many > 1 || allowed !== undefined)) return [];
      return whole(
        at,
        (work) => {
          if (!pairs) return 'which positions take tandems was not read';
          const done = work.condensed.filter(({ panel }) => panel === at.panel.id).length;
          const chosen = work.pairs
            .filter(({ panel }) => panel === at.panel.id)
            .slice(done, done + many)
            .map(({ stays, goes }) => ({ stays: { id: stays }, goes: { id: goes } }));
          const first = pairs.some(
            ({ stays, goes }) => work.busy.has(stays.id) || work.busy.has(goes.id),
          )
            ? pairsToCondense(at, many, work.busy)
            : pairs;
          if (chosen.length < many && !first)
            return 'the breakers that could be joined are worked on otherwise';
          (chosen.length === many ? chosen : first!).forEach((pair) =>
            condense(work, at.panel, pair),
          );
          return undefined;
        },
        {
          key: String(many),
          // Which two is for the placement to say: it knows what else is to stand there.
          says: pairs
            ? `${counted(2 * many, 'single breaker')} into ${many === 1 ? 'a tandem' : `${many} tandems`} where the label allows it; ${counted(many, 'position')} ${many === 1 ? 'frees' : 'free'}`
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
