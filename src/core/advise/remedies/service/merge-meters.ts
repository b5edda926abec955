import { met, notKnown, notMet } from '../condition';
import { whole } from '../panel-work/whole';
import { defineRemedy } from '../remedy';

/** Two meters become one: what hung on the others hangs on the first. The utility takes the others away. */
export const mergeMeters = defineRemedy({
  id: 'merge-meters',
  words: 'The meters merged into one',
  off: 'service',
  parts: { 'meter-enclosure': 1, disconnect: 1, 'service-conductors': 1, permit: 1 },
  minutes: [300, 480, 840],
  tell: [
    { whom: 'utility', why: 'a meter is its own to take away', days: 15 },
    {
      whom: 'permit',
      why: 'the service is changed; it is inspected before power returns',
      days: 10,
    },
  ],
  wrong: ['the one service may be too small for both: its demand is worked out first'],
  record: ['legs, and neutral to ground'],
  global: (at) => {
    const meters = [...at.reader.inspection.things.values()].filter(
      ({ id, type }) => type === 'meter' && !at.reader.value(id, 'takenOut'),
    );
    const [first, ...others] = meters;
    if (!first || others.length === 0) return [];
    const tenants = at.site.panels.some(({ id }) => at.reader.value(id, 'meteredTo') === 'tenant');
    return whole(
      at,
      (work) => {
        for (const { id } of at.reader.inspection.things.values()) {
          const from = work.reader.value(id, 'fedFrom');
          if (from !== undefined && others.some((meter) => meter.id === from))
            work.say(id, { fedFrom: first.id });
        }
        for (const { id } of others) work.say(id, { takenOut: true });
      },
      {
        says: `${others.length + 1} meters merged into one`,
        conditions: [
          tenants
            ? notMet('a tenant has a meter of his own')
            : met('nobody else is recorded on a meter of his own'),
          notKnown('one service bears both', 'work out the demand of both together'),
        ],
      },
    );
  },
});
