import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import sharp from 'sharp';
import { Logbook } from '@/core';
import type { Entry } from '@/core/record/entries/entry';
import { deliverEntries } from '@/server/commands/deliver-entries';
import { beginImport, largeBytes, readImport } from '@/server/commands/large-import';
import { storePicture } from '@/server/commands/pictures';
import { readInspection } from '@/server/commands/read-inspection';
import { exportPackage } from '@/server/commands/transfer-package';
import { closePool } from '@/server/db/connect';
import { closeThreads } from '@/server/heavy/pool';
import { loadImport } from '@/server/jobs/load-import';
import type { RunningServer } from '../server';
import { freePort, signInCookie, startServer, startWorker } from '../server';
import type { TestOffice } from './office';
import { seedOffices, siteEntry, word } from './office';

jest.setTimeout(120_000);

let ours: TestOffice;
let theirs: TestOffice;
const inspection = `large-${randomUUID()}`;
let zip: Buffer;

/** A package made large by a photo of noise: nothing makes that smaller. */
beforeAll(async () => {
  [ours, theirs] = (await seedOffices(2)) as [TestOffice, TestOffice];
  const size = 900;
  const noise = Buffer.from(
    Uint32Array.from({ length: (size * size * 3) / 4 }, (_, at) => Math.imul(at + 1, 2654435761))
      .buffer,
  );
  const photo = await sharp(noise, { raw: { width: size, height: size, channels: 3 } })
    .png()
    .toBuffer();
  const stored = await storePicture(theirs.session(), photo);
  if (!stored.ok) throw new Error(stored.reason);
  const site: Entry = siteEntry(theirs.members[0]!.id);
  const book = new Logbook(
    {
      newId: () => randomUUID(),
      device: 'tablet',
      author: theirs.members[0]!.id,
      at: '2026-04-14T10:00:00+01:00',
    },
    [site],
  );
  book.add('photo', 'p1', 'site', {
    digest: stored.digest,
    pictureWidth: size,
    pictureHeight: size,
  });
  await deliverEntries(theirs.session(), { inspection, entries: [...book.entries] });
  ({ zip } = (await exportPackage(theirs.session(), inspection))!);
  expect(zip.length).toBeGreaterThan(largeBytes);
});
afterAll(async () => {
  await closePool();
  await closeThreads();
});

describe('a large package', () => {
  test('is taken in at once, read by a job as who sent it, and told; a second time nothing is done', async () => {
    const id = await beginImport(ours.session(1), zip);
    expect(await readImport(ours.session(), id)).toMatchObject({ state: 'waiting', answer: null });
    expect(await readImport(theirs.session(), id)).toBeUndefined();
    const job = { organisation: ours.organisation, import: id };
    await loadImport(job);
    expect(await readImport(ours.session(), id)).toMatchObject({
      state: 'loaded',
      step: 2,
      steps: 2,
      answer: { ok: true, inspection, added: 2, already: 0 },
    });
    const stored = await readInspection(ours.session(), inspection);
    expect(stored!.carried).toMatchObject([{ by: { id: ours.members[1]!.id } }]);
    await loadImport(job);
    expect(await readImport(ours.session(), id)).toMatchObject({ answer: { added: 2 } });
  });

  test('that is none says why, and leaves nothing', async () => {
    const id = await beginImport(ours.session(), Buffer.alloc(largeBytes + 1, 'x'));
    await loadImport({ organisation: ours.organisation, import: id });
    const ended = await readImport(ours.session(), id);
    expect(ended).toMatchObject({ state: 'refused' });
    expect(JSON.stringify(ended!.answer)).toMatch(/expected a zip archive/);
  });

  test('over HTTP: 202, waiting while nothing reads, read as soon as something does', async () => {
    const server: RunningServer = await startServer(await freePort());
    let worker: ReturnType<typeof startWorker> | undefined;
    try {
      const cookie = await signInCookie(server.origin, ours.members[0]!.email, word);
      const sent = await fetch(`${server.origin}/api/packages`, {
        method: 'POST',
        body: new Uint8Array(zip),
        headers: { cookie },
      });
      expect(sent.status).toBe(202);
      const { import: id } = (await sent.json()) as { import: string };
      const ask = async () =>
        (await (
          await fetch(`${server.origin}/api/packages/${id}`, { headers: { cookie } })
        ).json()) as { state: string; answer: object | null };
      expect(await ask()).toMatchObject({ state: 'waiting' });
      worker = startWorker();
      let now = await ask();
      for (let tries = 0; tries < 300 && !now.answer; tries += 1) {
        await new Promise((resolve) => setTimeout(resolve, 100));
        now = await ask();
      }
      expect(now).toMatchObject({ state: 'loaded', answer: { added: 0, already: 2 } });
    } finally {
      worker?.end();
      await server.kill();
    }
  });
});
