import { expect, jest, test } from '@jest/globals';
import { chanceOf } from '@/core/testing/chance';
import { acts, start } from './acts';
import { expectAlike, ids } from './alike';
import { SimulatedDevice, World } from './simulated';

jest.setTimeout(300_000);

const runs = 1000;
const moment = () => new Promise<void>((resolve) => setImmediate(resolve));

/** What goes on around those who record: in any order, at any moment. */
async function happen(world: World, devices: readonly SimulatedDevice[]): Promise<void> {
  const { chance } = world;
  const device = chance.oneOf(devices);
  const process = chance.oneOf(world.processes);
  switch (chance.upTo(12)) {
    case 0:
      return device.online ? device.loseNetwork() : device.findNetwork();
    case 1:
      return process.up ? process.end() : process.begin();
    case 2:
      return process.hears ? process.becomeDeaf() : process.hearAgain();
    case 3:
      return world.happens(30) ? device.begin() : undefined;
    case 4:
      return device.fire();
    case 5:
      return process.sweep();
    case 6:
    case 7:
      return device.send();
    default: {
      const at = chance.upTo(Math.max(1, world.pending.length));
      const [next] = world.pending.splice(at, 1);
      return next?.();
    }
  }
}

/** Everything is mended, and all that waits happens, until nothing does. */
async function settleDown(world: World, devices: readonly SimulatedDevice[]): Promise<void> {
  world.happens = () => false;
  for (const process of world.processes) {
    process.begin();
    process.hearAgain();
  }
  for (const device of devices) device.findNetwork();
  for (let quiet = 0; quiet < 3;) {
    const before = world.arrived.length;
    for (const device of devices) await device.send();
    for (const next of world.pending.splice(0)) await next();
    for (const device of devices) device.fire();
    for (const process of world.processes) process.sweep();
    await moment();
    const missing = devices.some(({ entries }) => entries.length < world.arrived.length);
    quiet = world.arrived.length === before && world.pending.length === 0 ? quiet + 1 : 0;
    if (missing && (rounds += 1) < 200) quiet = 0;
  }
}
let rounds = 0;

async function run(seed: number): Promise<number> {
  const chance = chanceOf(seed);
  const world = new World(chance, start);
  const devices = [
    new SimulatedDevice(world, 'tablet-2', 'ines', start),
    new SimulatedDevice(world, 'phone', 'bram', start),
    new SimulatedDevice(world, 'desk', 'ines', start),
  ];
  for (const device of devices) await device.begin();
  for (let step = 0; step < 45; step += 1) {
    const device = chance.oneOf(devices);
    if (chance.upTo(3) === 0)
      await device.does((store) =>
        chance.oneOf(acts)(store, chance, () => `${device.name}-t${step}-${chance.upTo(1e6)}`),
      );
    else await happen(world, devices);
    if (step % 8 === 0) await moment();
  }
  // What was acknowledged is there, what was not is held, and nothing else was made.
  for (const { disk, made } of devices) {
    const held = disk.all();
    expect(held.map(({ id }) => id).sort()).toEqual([...made.keys()].sort());
    const there = new Set(ids(world.arrived));
    for (const { id, state } of held)
      expect(state === 'waiting' || (state === 'arrived' && there.has(id))).toBe(true);
  }
  rounds = 0;
  await settleDown(world, devices);
  for (const { disk } of devices)
    expect(disk.all().every(({ state }) => state === 'arrived')).toBe(true);
  return expectAlike(devices, start, world.arrived);
}

test(`${runs} runs of three devices and two processes: all arrives once, all read the same, every contradiction is shown`, async () => {
  let contradicted = 0;
  for (let seed = 1; seed <= runs; seed += 1)
    try {
      contradicted += (await run(seed)) > 0 ? 1 : 0;
    } catch (error) {
      throw new Error(`seed ${seed}: ${(error as Error).message}`, { cause: error });
    }
  // They do contradict each other, or nothing was tested.
  expect(contradicted).toBeGreaterThan(runs / 3);
});
