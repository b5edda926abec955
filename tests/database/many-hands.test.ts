import { afterAll, beforeAll, expect, jest, test } from '@jest/globals';
import type { Entry } from '@/core/record/entries/entry';
import { deliverEntries } from '@/server/commands/deliver-entries';
import { readInspection } from '@/server/commands/read-inspection';
import { closePool } from '@/server/db/connect';
import { chanceOf } from '@/core/testing/chance';
import { acts, start } from '../live/acts';
import { expectAlike } from '../live/alike';
import { RealDevice } from '../live/real-device';
import type { RunningServer } from '../server';
import { freePort, signInCookie, startServer } from '../server';
import type { TestOffice } from './office';
import { seedOffices, word } from './office';

jest.setTimeout(600_000);

let office: TestOffice;
/** Two processes over one database; each is killed as a power cut would, and begun again on its port. */
let servers: RunningServer[];
let cookies: string[];

beforeAll(async () => {
  [office] = (await seedOffices(1, 2)) as [TestOffice];
  servers = await Promise.all(
    [freePort(), freePort()].map(async (port) => startServer(await port)),
  );
  cookies = await Promise.all(
    office.members.map(({ email }) => signInCookie(servers[0]!.origin, email, word)),
  );
});
afterAll(async () => {
  await Promise.all(servers.map((server) => server.kill()));
  await closePool();
});

/** What stands before, under ids of this run. */
function startOf(inspection: string): Entry[] {
  const named = (id: string) => `${inspection}-${id}`;
  return start.map((entry) => ({
    ...entry,
    id: named(entry.id),
    action: named(entry.action),
    author: office.members[0]!.id,
    ...(entry.kind === 'observe' && { replaces: entry.replaces.map(named) }),
  }));
}

const stored = async (inspection: string): Promise<Entry[]> =>
  (await readInspection(office.session(), inspection))!.entries;

async function killAndBegin(at: number): Promise<void> {
  const { port } = servers[at]!;
  await servers[at]!.kill();
  servers[at] = await startServer(port);
}

async function until(what: () => boolean | Promise<boolean>, ms: number): Promise<void> {
  const deadline = Date.now() + ms;
  while (!(await what())) {
    if (Date.now() > deadline) throw new Error(`not so after ${ms} ms`);
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
}

test.each(Array.from({ length: 12 }, (_, nth) => nth + 1))(
  'run %d of 12, processes killed in it: all arrives once, all read the same, every contradiction is shown',
  async (seed) => {
    const chance = chanceOf(seed + 5000);
    const inspection = `hands-${seed}-${Date.now()}`;
    const before = startOf(inspection);
    await deliverEntries(office.session(), { inspection, entries: before });
    const origins = servers.map(({ origin }) => origin);
    const devices = (['tablet-2', 'phone', 'a-desk'] as const).map((name, nth) => {
      const member = nth % 2;
      return new RealDevice(
        chance,
        name,
        {
          inspection,
          organisation: office.organisation,
          member: office.members[member]!.id,
          cookie: cookies[member]!,
          origins,
        },
        before,
      );
    });
    for (const device of devices) await device.begin();
    const killed = [8 + chance.upTo(8), 24 + chance.upTo(8)];
    const beginning: Promise<void>[] = [];
    const sending = new Set<RealDevice>();
    for (let step = 0; step < 42; step += 1) {
      if (killed.includes(step)) beginning.push(killAndBegin(killed.indexOf(step)));
      const device = chance.oneOf(devices);
      if (chance.upTo(2) === 0)
        await device.does((store) =>
          chance.oneOf(acts)(store, chance, () => `${inspection}-t${step}-${chance.upTo(1e6)}`),
        );
      else if (!sending.has(device)) {
        sending.add(device);
        void device.send().finally(() => sending.delete(device));
      }
      await new Promise((resolve) => setTimeout(resolve, chance.upTo(25)));
    }
    await Promise.all(beginning);
    await until(() => sending.size === 0, 60_000);
    await until(async () => {
      for (const device of devices) await device.send();
      return devices.every(({ disk }) => disk.all().every(({ state }) => state !== 'waiting'));
    }, 60_000);
    const there = await stored(inspection);
    await until(() => devices.every(({ entries }) => entries.length === there.length), 60_000);
    for (const { disk, made } of devices) {
      expect(
        disk
          .all()
          .map(({ id }) => id)
          .sort(),
      ).toEqual([...made.keys()].sort());
      expect(disk.all().filter(({ state }) => state !== 'arrived')).toEqual([]);
    }
    expectAlike(devices, before, there);
    for (const device of devices) device.end();
  },
);
