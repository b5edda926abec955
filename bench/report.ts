import { permissions } from '@/core/vocabulary/permission';
import { execFileSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import { PDFDocument } from 'pdf-lib';
import { idsFrom, Logbook } from '@/core';
import type { Audience } from '@/core/show/report/audience';
import { deliverEntries } from '@/server/commands/deliver-entries';
import { issueReport } from '@/server/commands/issue-report';
import { readPrintedPictures, storePicture } from '@/server/commands/pictures';
import { askReportFile, readReportFile } from '@/server/commands/report-file';
import { closePool, inOrganisation } from '@/server/db/connect';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { demoOrganisations } from '@/server/demo/people';
import { makeReportFile } from '@/server/jobs/make-report-file';
import type { Session } from '@/server/session';
import { freePort, signInCookie, startServer } from '../tests/server';
import { timesInWords, timesOf } from './timing';

/** A report with 40 photos: its PDF with the package attached, made by the job; its page's HTML. */
const photos = 40;
const inspection = 'bench-report';
const [organisation] = demoOrganisations;
const [ines] = organisation.members;
const session: Session = {
  organisation: organisation.id,
  organisationName: organisation.name,
  member: ines.id,
  name: ines.name,
  licence: ines.licence,
  may: permissions,
};

/** A picture as a phone takes it: nothing in it is alike. @param seed tells it from the others */
async function picture(seed: number): Promise<{ digest: string; width: number; height: number }> {
  const [width, height] = [1600, 1200];
  const noise = await sharp({
    create: {
      width: 200,
      height: 150,
      channels: 3,
      background: { r: 60 + seed, g: 80, b: 90 },
      noise: { type: 'gaussian', mean: 120, sigma: 40 },
    },
  })
    .png()
    .toBuffer();
  const bytes = await sharp(noise).resize(width, height).jpeg({ quality: 85 }).toBuffer();
  const stored = await storePicture(session, bytes);
  if (!stored.ok) throw new Error(stored.reason);
  return { digest: stored.digest, width, height };
}

async function prepare(): Promise<string> {
  const house = lockKeepersHouse(ines.id);
  const entries = house.entries.map((entry) => ({ ...entry, id: `b-${entry.id}` }));
  const book = new Logbook(
    {
      newId: idsFrom('b-photo-'),
      device: 'demo-tablet',
      author: ines.id,
      at: '2026-04-14T10:10:00+01:00',
    },
    entries,
  );
  const { devices } = book.site.panels[0]!;
  const digests: string[] = [];
  for (let at = 0; at < photos; at += 1) {
    const { digest, width, height } = await picture(at);
    digests.push(digest);
    const device = devices[at % devices.length]!;
    book.add('photo', `bench-shot-${at}`, book.site.site!, {
      digest,
      pictureWidth: width,
      pictureHeight: height,
      aboutThing: device.id,
      caption: `Breaker ${device.label}, look ${1 + Math.floor(at / devices.length)}`,
      pin: { x: 0.4, y: 0.5 },
    });
  }
  book.observe('lock-main', { toldWhom: 'The owner, in person' });
  for (let from = 0; from < book.entries.length; from += 300)
    await deliverEntries(session, { inspection, entries: book.entries.slice(from, from + 300) });
  await readPrintedPictures(organisation.id, digests);
  const issued = await issueReport(
    session,
    inspection,
    {
      kind: 'report',
      password: ines.password,
      changes: 'Again for the bench.',
    },
    new Date(),
  );
  if (!issued?.ok) throw new Error(JSON.stringify(issued));
  return issued.id;
}

const forget = (file: string) =>
  inOrganisation(organisation.id, (tx) =>
    tx.query('delete from report_files where id = $1::text', [file]),
  );

/** Makes the PDF once, as the worker does. */
async function make(report: string, audience: Audience): Promise<string> {
  const asked = await askReportFile(organisation.id, { report, audience });
  await makeReportFile({ organisation: organisation.id, file: asked!.id });
  return asked!.id;
}

const [, , once, reader] = process.argv;
if (once) {
  await make(once, reader as Audience);
  console.log(Math.round(process.resourceUsage().maxRSS / 1024));
} else {
  const report = await prepare();
  console.log(`A report with ${photos} photos, its package attached, thumbnails there`);
  for (const audience of ['client', 'record'] as const) {
    let file = await make(report, audience);
    const bytes = (await readReportFile(organisation.id, file))!;
    const pages = (await PDFDocument.load(bytes)).getPageCount();
    const times = await timesOf(
      async () => {
        await forget(file);
        file = await make(report, audience);
      },
      { warmUp: 1, runs: 9 },
    );
    await forget(file);
    const peak = execFileSync(
      process.execPath,
      ['--conditions=react-server', fileURLToPath(import.meta.url), report, audience],
      { encoding: 'utf8' },
    );
    await forget(file);
    console.log(
      `  PDF for ${audience}, ${pages} pages, ${(bytes.length / 1e6).toFixed(1)} MB, by the job: ${timesInWords(times)}; peak memory of a process that makes it once: ${peak.trim()} MB`,
    );
  }
  const server = await startServer(await freePort());
  try {
    const cookie = await signInCookie(server.origin, ines.email, ines.password);
    const page = async () => {
      const answer = await fetch(`${server.origin}/issued/${report}`, {
        headers: { cookie },
      });
      if (!(await answer.text()).includes('What to do first')) throw new Error('no report');
    };
    console.log(
      `  the issued report’s page, its HTML, whole: ${timesInWords(await timesOf(page, { warmUp: 10, runs: 60 }))}`,
    );
  } finally {
    await server.kill();
  }
}
await closePool();
