import { expect, test as base } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';
import yauzl from 'yauzl';
import { assess, parsePackage } from '@/core';
import type { InspectionPackage } from '@/core';
import type { Entry } from '@/core/record/entries/entry';
import { demoOrganisations } from '@/server/demo/people';
import type { RunningServer } from '../server';
import { freePort, startServer, startWorker } from '../server';

export interface World {
  server: RunningServer;
  restart(): Promise<void>;
  /** Starts what makes PDFs, where a journey wants one. */
  work(): void;
}

/** Pages are there before somebody asks for them. */
const asForPeople = { EAST_GATE_PRELOAD: '1' };

/** A server of the worker's own, which a test may kill if it starts it again. */
export const test = base.extend<object, { world: World }>({
  world: [
    async ({}, provide) => {
      let worker: { end(): void } | undefined;
      const world: World = {
        server: await startServer(await freePort(), asForPeople),
        restart: async () => {
          world.server = await startServer(world.server.port, asForPeople);
        },
        work: () => {
          worker ??= startWorker();
        },
      };
      await provide(world);
      await world.server.kill();
      worker?.end();
    },
    { scope: 'worker' },
  ],
});

/** Bram’s sessions are ended by a journey: no other signs him in. */
export const [ines, bram, odile] = demoOrganisations.flatMap((organisation) => [
  ...organisation.members,
]) as unknown as [Person, Person, Person];

export interface Person {
  id: string;
  email: string;
  password: string;
  name: string;
}

/** A button, or one of several choices side by side, by its name. */
export const pressable = (
  within: Page | Locator,
  name: string | RegExp,
  exact = typeof name === 'string',
): Locator =>
  within.getByRole('button', { name, exact }).or(within.getByRole('radio', { name, exact }));

/** Entries a device sent before: what stands when the thumb begins. */
export async function deliver(
  page: Page,
  inspection: string,
  entries: readonly Entry[],
): Promise<void> {
  // An entry's id stands once in an office, whatever inspection it belongs to.
  const named = (id: string) => `${inspection}-${id}`;
  const own = entries.map((entry) => ({
    ...entry,
    id: named(entry.id),
    action: named(entry.action),
    author: ines.id,
    ...(entry.kind === 'observe' && { replaces: entry.replaces.map(named) }),
  }));
  const status = await page.evaluate(
    async (body) => {
      const headers = { 'content-type': 'application/json' };
      return (await fetch('/api/entries', { method: 'POST', headers, body })).status;
    },
    JSON.stringify({ inspection, entries: own }),
  );
  expect(status).toBe(200);
}

/** Moves the focus with the Tab key alone until it is there. */
export async function tabTo(
  page: Page,
  target: Locator,
  key: 'Tab' | 'Shift+Tab' = 'Tab',
): Promise<void> {
  await expect(target.first()).toBeAttached();
  // Looked up once: to find a name among all names of a panel costs more than the press.
  let found = await target.first().elementHandle();
  for (let presses = 0; presses < 160; presses += 1) {
    const is = await found?.evaluate((element) =>
      element.isConnected ? element === document.activeElement : undefined,
    );
    if (is) return;
    if (is === undefined) found = await target.first().elementHandle();
    else await page.keyboard.press(key);
  }
  throw new Error(`Tab does not reach ${target}`);
}

export async function signInByKeys(page: Page, origin: string, person: Person): Promise<void> {
  await page.goto(`${origin}/sign-in`);
  await tabTo(page, page.getByLabel('E-mail'));
  await page.keyboard.type(person.email);
  await tabTo(page, page.getByLabel('Password'));
  await page.keyboard.type(person.password);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
}

/** Reads the one document of a package. */
export async function readPackageFile(path: string): Promise<InspectionPackage> {
  const zip = await yauzl.openPromise(path);
  for await (const entry of zip.eachEntry()) {
    const chunks: Buffer[] = [];
    for await (const chunk of await zip.openReadStreamPromise(entry)) chunks.push(chunk as Buffer);
    const parsed = parsePackage(Buffer.concat(chunks).toString('utf8'));
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.faults));
    return parsed.value;
  }
  throw new Error('an empty package');
}

/** Facts of the panel itself that both ways of recording must agree on. */
const panelProperties = [
  'maker',
  'model',
  'yearBuilt',
  'depthMm',
  'coverOpened',
  'supplySize',
  'supplyMetal',
  'bond',
  'labelBusA',
  'labelCircuits',
  'labelGroundsPerTerminal',
  'labelTandemPositions',
  'numbering',
] as const;

/** What is recorded of the first panel, without the ids each recording makes. */
export function panelFacts({
  entries,
  settings,
}: Pick<InspectionPackage, 'entries' | 'settings'>): Record<string, unknown> {
  const { site } = assess(entries, settings);
  const panel = site.panels[0]!;
  const screws = new Map(
    panel.bars.flatMap((bar) =>
      bar.terminals.flatMap((screw) =>
        screw.conductors.map((wire) => [wire.id, `${bar.kind} ${screw.number}`] as const),
      ),
    ),
  );
  return {
    rows: panel.rows,
    supply: panel.supply.place,
    facts: Object.fromEntries(
      panelProperties.map((property) => [property, site.reader.value(panel.id, property)]),
    ),
    barCounts: panel.bars.map((bar) => site.reader.value(bar.id, 'conductorCount')),
    main: panel.main?.terminals[0]?.handleA,
    bars: panel.bars.map(({ kind, side, count }) => ({ kind, side, count })),
    openings: panel.positions.flatMap(({ number, opening }) =>
      opening ? [`${number} ${opening.value}`] : [],
    ),
    shared: panel.multiwires.map((group) => group.hots.map((hot) => hot.label).sort()),
    devices: panel.devices.map((device) => ({
      label: device.label,
      form: device.form,
      ratingsA: device.terminals[0]?.ratingA?.value,
      takes: site.reader.value(device.id, 'terminalTakes'),
      maker: site.reader.value(device.id, 'maker'),
      tie: site.reader.value(device.id, 'tie'),
      screws: device.terminals.map((terminal) => ({
        name: terminal.circuit?.name,
        counted: site.reader.value(terminal.ref, 'conductorCount'),
        cables: terminal.conductors.map((wire) => [wire.cable?.kind?.value, wire.cable?.jacket]),
        load: terminal.circuit?.loads[0]?.kind?.value,
        wires: terminal.conductors.map((wire) => [
          wire.size?.value,
          wire.metal?.value,
          wire.colour?.value,
          wire.function?.value,
        ]),
        ...Object.fromEntries(
          (['neutral', 'ground'] as const).map((use) => [
            `${use}s`,
            panel.conductors
              .filter(
                (wire) =>
                  wire.function?.value === use &&
                  wire.cable &&
                  terminal.conductors.some((hot) => hot.cable?.id === wire.cable?.id),
              )
              .map((wire) => screws.get(wire.id)),
          ]),
        ),
      })),
    })),
  };
}
