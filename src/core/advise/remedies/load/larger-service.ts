import type { powerSizes } from '../../../vocabulary/size';
import { panelDemands } from '../../../measure/load/panel-demand';
import { newPanel, rowsWanted } from '../panel-work/new-panel';
import { sayAnew } from '../panel-work/new-insides';
import { whole } from '../panel-work/whole';
import { defineRemedy } from '../remedy';

/** A service change is one act: utility’s shut-off, meter enclosure, conductors, panel, electrodes, permit, inspection. */
export const largerService = defineRemedy({
  id: 'larger-service',
  words: 'A larger service',
  off: 'service',
  parts: {
    panel: 1,
    'meter-enclosure': 1,
    'service-conductors': 1,
    'ground-rod': 2,
    clamp: 2,
    'electrode-conductor-metre': 10,
    permit: 1,
  },
  minutes: [600, 840, 1320],
  tell: [
    {
      whom: 'utility',
      why: 'it shuts off, changes its side and restores after the inspection',
      days: 15,
    },
    {
      whom: 'permit',
      why: 'the service is changed; it is inspected before power returns',
      days: 10,
    },
  ],
  wrong: [
    'the utility’s own conductors may be too small too',
    'an underground lateral is dug up or drawn anew',
  ],
  ends: ['what was permitted while the service was untouched is judged by today’s edition'],
  record: ['legs, neutral to ground, resistance to earth, and torque of lugs'],
  global: (at) => {
    const { panel, reader, site, yardstick } = at;
    if (panel.supply.place !== 'first-disconnect') return [];
    const demand = Math.max(
      0,
      ...panelDemands(site, panel, yardstick).demands.map(({ amps }) => amps),
    );
    const now = panel.main?.terminals[0]?.handleA ?? 0;
    const row = yardstick.dwellingService.find(
      ({ mainA }) => mainA >= Math.max(200, demand) && mainA > now,
    );
    if (!row) return [];
    const underground = [...reader.inspection.things.values()].some(
      ({ id }) => reader.value(id, 'supplyWay') === 'underground',
    );
    const rows = Math.max(20, rowsWanted(at));
    return whole(
      at,
      (work) => {
        newPanel(work, at, { mainA: row.mainA, rows });
        work.say(panel.id, {
          supplySize: row.cu as (typeof powerSizes)[number],
          supplyMetal: 'cu',
          supplyNeutralSize: '1/0',
        });
        for (const { id, type } of reader.inspection.things.values()) {
          if (type === 'service') sayAnew(work, id, { mastStates: [], mast: 'sound' });
          if (type === 'electrode')
            sayAnew(work, id, {
              electrodeConductorSize: '4',
              electrodeConductorMetal: 'cu',
              electrodeConductor: 'seen-to-end',
              clamp: 'sound',
            });
          if (type === 'meter')
            sayAnew(work, id, {
              meterState: 'in-place',
              meterMounting: 'firm',
              socketCover: 'fitted',
            });
        }
        return undefined;
      },
      {
        says: `A ${row.mainA} A service: meter enclosure, conductors, panel, electrode conductors, as one act${underground ? '; the lateral comes underground' : ''}`,
        parts: {
          panel: 1,
          'meter-enclosure': 1,
          'service-conductors': underground ? 2 : 1,
          ...(underground ? { 'raceway-metre': 12 } : { mast: 1 }),
          'ground-rod': 2,
          clamp: 2,
          'electrode-conductor-metre': 10,
          'breaker-1': panel.devices.length,
          permit: 1,
        },
        ...(underground && { minutes: [840, 1140, 1800] as const }),
        frees: {
          positions: 2 * (rows - (panel.rows ?? rows)),
          labelCircuits: rows,
          amps: row.mainA - now,
        },
      },
    );
  },
});
