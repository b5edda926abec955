import type { LogbookStore } from '@/client/logbook/store';
import { parseLine, recordLine } from '@/core';
import { add, observe } from '@/core/fieldwork/recording/draft';
import { moveDevice } from '@/core/fieldwork/recording/move-device';
import { takeOutDevice } from '@/core/fieldwork/recording/take-out-device';
import type { Recorded, RecordingBench } from '@/core/fieldwork/recording/recording-bench';
import { contradictionsOf } from '@/core/fieldwork/merging/contradictions';
import type { DeviceView } from '@/core/installation/panel/views';
import { bench } from '@/core/testing/bench';
import type { Chance } from '@/core/testing/chance';

/** What stands before three devices come to it. */
export const start = bench({ rows: 8, bars: false }).lines(
  '7 20 12cu kitchen',
  '9 15 14cu hall',
  '11 15',
).book.entries;

/** Something a person does on a device, at random; nothing is recorded where it cannot be. */
type Act = (
  store: LogbookStore,
  chance: Chance,
  newId: () => string,
) => Promise<string | undefined>;

const work = (
  store: LogbookStore,
  newId: () => string,
  make: (bench: RecordingBench) => Recorded,
): Promise<string | undefined> =>
  store.record(({ site }) => {
    const [panel] = site.panels;
    if (!panel) return { message: 'no panel' };
    const recorded = make({ site, panel, newId });
    return recorded.ok ? recorded.drafts : recorded;
  });

/** Of some breaker of the panel. */
const ofDevice =
  (make: (device: DeviceView, bench: RecordingBench, chance: Chance) => Recorded): Act =>
  (store, chance, newId) =>
    work(store, newId, (on) => {
      if (on.panel.devices.length === 0) return { ok: false, message: 'none' };
      return make(chance.oneOf(on.panel.devices), on, chance);
    });

const line =
  (...texts: string[]): Act =>
  (store, chance, newId) =>
    work(store, newId, (on) => {
      const { line: parsed } = parseLine(chance.oneOf(texts), on.panel);
      return parsed ? recordLine(parsed, on) : { ok: false, message: 'no line' };
    });

const said = (recorded: ReturnType<typeof observe>[]): Recorded => ({ ok: true, drafts: recorded });

/** What a person does at a panel, and what he takes back and settles. */
export const acts: Act[] = [
  ofDevice(({ id }, { site }, chance) =>
    said([observe(site.reader, id, { handleRatingsA: [chance.oneOf([15, 20, 30])] })]),
  ),
  ofDevice(({ id }, { site }, chance) =>
    said([observe(site.reader, id, { heatMark: chance.upTo(2) === 0 })]),
  ),
  ofDevice((device, on, chance) => takeOutDevice(device, { mistaken: chance.upTo(2) === 0 }, on)),
  ofDevice((device, on, chance) =>
    moveDevice(device, { number: chance.oneOf([2, 4, 13, 15]) }, on),
  ),
  line('2 20 12cu range', '4 15', '13 20 14cu bath', '7 30', '9 20 bath'),
  ofDevice((device, { site }, chance) => {
    const circuit = device.terminals[0]?.circuit;
    return circuit
      ? said([observe(site.reader, circuit.id, { name: chance.oneOf(['Hall', 'Bath', 'Porch']) })])
      : { ok: false, message: 'no circuit' };
  }),
  (store, chance) =>
    store.record(({ site }) => [
      observe(site.reader, 'panel', { numbering: chance.oneOf(['odd-even', 'down-columns']) }),
    ]),
  (store, chance) =>
    store.record(({ site }) => [observe(site.reader, 'panel', { rows: chance.oneOf([7, 8]) })]),
  (store, _, newId) =>
    store.record(({ site }) => {
      const [device] = site.panels[0]?.devices ?? [];
      const mend = newId();
      return device
        ? [
            add('mend', mend, 'site', {
              mendOf: [`breaker/burned-terminal|${device.id}`],
              mendDone: true,
            }),
            observe(site.reader, device.id, { heatMark: false }),
          ]
        : [];
    }),
  (store) => store.undo(),
  (store) => store.redo(),
  (store, chance) => {
    const { assessment, entries } = store.snapshot();
    const all = contradictionsOf(assessment.site, entries);
    return all.length > 0 ? store.settle(chance.oneOf(all), chance.upTo(2)) : Promise.resolve('');
  },
];
