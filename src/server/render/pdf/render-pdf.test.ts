import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import { PDFDict, PDFDocument, PDFName, PDFRawStream, decodePDFRawStream } from 'pdf-lib';
import sharp from 'sharp';
import { canonicalJson } from '@/core/vocabulary/canonical';
import { Logbook, idsFrom, startingSettings } from '@/core';
import type { Audience } from '@/core/show/report/audience';
import { audiences } from '@/core/show/report/audience';
import { composeSheet } from '@/core/show/report/sheets';
import { wholeRecord } from '@/core/show/report/record';
import { draftOf, reportOf } from '../../commands/read-report';
import { lockKeepersHouse } from '../../demo/lock-keepers-house';
import { packageOf, readPackage, writePackage } from '../../package-file';
import { attachedPackage } from '../../pdf-attachment';
import { sha256Hex } from '../../sha256';
import { renderPdf } from './render-pdf';

jest.setTimeout(60_000);

const folder = mkdtempSync(join(tmpdir(), 'pdf-'));
afterAll(() => rmSync(folder, { recursive: true }));

const digest = 'c0ffee'.padEnd(64, '0');
/** A house with a photo, a note for others, and words of every awkward letter in its name. */
async function printed(audience: Audience) {
  const house = lockKeepersHouse('ines');
  const book = new Logbook(
    {
      newId: idsFrom('pdf-'),
      device: 'tablet',
      author: 'ines',
      at: '2026-04-14T09:58:00+01:00',
    },
    house.entries,
  );
  const bytes = await sharp({
    create: { width: 60, height: 45, channels: 3, background: '#567' },
  })
    .jpeg()
    .toBuffer();
  const picture = sha256Hex(bytes);
  const fifteen = book.site.panels[0]!.devices.find(({ number }) => number === 15)!;
  book.add('photo', 'shot', book.site.site!, {
    digest: picture,
    pictureWidth: 60,
    pictureHeight: 45,
    aboutThing: fifteen.id,
    caption: 'Two wires under 15',
    pin: { x: 0.5, y: 0.5 },
  });
  book.add('note', 'damp', book.site.site!, { words: 'Damp by the stair', referTo: 'damp' });
  book.observe(book.site.site!, { client: 'Žofia & <Sons> ≥ Ω' }, 'told');
  const stored = {
    id: 'lock',
    settings: startingSettings('Marrow Lock Panel Survey'),
    authors: [{ id: 'ines', name: 'Ines Marrable', licence: 'ML-1041' }],
    entries: book.entries,
    carried: [],
  };
  const { report, assessment } = reportOf(stored);
  const document = packageOf(stored, 'Lock-keeper’s house');
  const zip = await writePackage(document, [{ digest: picture, media_type: 'image/jpeg', bytes }]);
  const signed = {
    number: '2026-0007, revision 1',
    changes: 'The boat shed was seen.',
    signedName: 'Ines Marrable',
    licence: 'ML-1041',
    issuedOn: '2026-04-22',
  };
  const record = wholeRecord(stored.entries, stored.authors, assessment);
  const pdf = await renderPdf({
    sheet: composeSheet({ report, site: assessment.site, signed, record }, audience),
    place: report.place,
    organisation: report.organisation,
    asOf: report.asOf,
    pictures: new Map([[picture, { digest: picture, width: 60, height: 45, bytes }]]),
    zip,
    issued: { number: signed.number, digest },
  });
  const file = join(folder, `${audience}.pdf`);
  writeFileSync(file, pdf);
  return { pdf, file, document, picture, bytes, stored };
}
const run = (program: string, ...args: string[]) =>
  execFileSync(program, args, { encoding: 'utf8', maxBuffer: 64 * 1024 * 1024 });

describe.each(audiences)('the PDF for the reader: %s', (audience) => {
  let made: Awaited<ReturnType<typeof printed>>;
  let text: string;
  beforeAll(async () => {
    made = await printed(audience);
    text = run('pdftotext', '-layout', made.file, '-');
  });

  test('passes qpdf --check', () =>
    expect(run('qpdf', '--check', made.file)).toContain('No syntax or stream encoding errors'));

  test('is tagged, in English, with headings, figures with words, tables and links', () => {
    expect(run('pdfinfo', made.file)).toMatch(/Tagged:\s+yes/);
    const tags = run('pdfinfo', '-struct', made.file);
    expect(tags).toMatch(/\bH1\b/);
    expect(tags).toMatch(/\bH2\b/);
    expect(tags).toMatch(/Figure/);
    expect(tags).toMatch(/\bTable\b[\s\S]*\bTR\b[\s\S]*\bTH\b[\s\S]*\bTD\b/);
    if (audience === 'client' || audience === 'record') expect(tags).toMatch(/\bLink\b/);
  });

  test('has every font embedded, and no letter without a shape', () => {
    const rows = run('pdffonts', made.file).trim().split('\n').slice(2);
    expect(rows.length).toBeGreaterThan(1);
    // Columns: emb, sub, uni.
    for (const row of rows) expect(row).toMatch(/ yes yes yes /);
    expect(text).toContain('Žofia & <Sons> ≥ Ω');
  });

  test('says on every page its number and its seal', () => {
    const pages = text.split('\f').slice(0, -1);
    expect(pages.length).toBeGreaterThan(3);
    pages.forEach((page, at) => {
      expect(page).toContain(`page ${at + 1} of ${pages.length}`);
      expect(page).toContain(digest);
      expect(page).toContain('Live until proven dead.');
    });
  });

  test('has an outline of its parts', async () => {
    const pdf = await PDFDocument.load(made.pdf, { updateMetadata: false });
    const outlines = pdf.catalog.lookup(PDFName.of('Outlines'), PDFDict);
    expect(outlines.has(PDFName.of('First'))).toBe(true);
    expect(run('qpdf', '--json', '--json-key=outlines', made.file)).toContain('What was not seen');
  });

  test('carries the inspection, which comes out of it as it went in, pictures and all', async () => {
    const attached = await attachedPackage(made.pdf);
    if (!attached.ok) throw new Error(attached.reason);
    const read = await readPackage(attached.zip);
    if (!read.ok) throw new Error(JSON.stringify(read.faults));
    expect(canonicalJson(read.value.document)).toBe(canonicalJson(made.document));
    expect(read.value.pictures.get(made.picture)!.equals(made.bytes)).toBe(true);
    expect(reportOf({ ...made.stored, entries: read.value.document.entries }).report).toEqual(
      reportOf(made.stored).report,
    );
  });

  // Nothing on this machine validates PDF/A: so none is claimed, of any level. The attachment is tied to
  // the document in the way of PDF/A-3 all the same: in /AF, with its relationship.
  test('claims no level of PDF/A; its attachment is named as the source', async () => {
    const pdf = await PDFDocument.load(made.pdf, { updateMetadata: false });
    const metadata = pdf.catalog.lookup(PDFName.of('Metadata'));
    const claim =
      metadata instanceof PDFRawStream
        ? Buffer.from(decodePDFRawStream(metadata).decode()).toString('utf8')
        : '';
    expect(claim).not.toMatch(/pdfaid/);
    const object = run('qpdf', '--qdf', '--object-streams=disable', made.file, '-').toString();
    expect(object).toMatch(/\/AF \[/);
    expect(object).toContain('/AFRelationship /Source');
  });

  test('is read in its order', () => {
    const order: Record<Audience, string[]> = {
      client: [
        'Panel report, Lock-keeper’s house',
        'Report 2026-0007, revision 1, issued 22 April 2026, signed Ines Marrable, ML-1041.',
        'One thing to make safe today.',
        'What to do first',
        'If it smells burnt',
        'Look, do not touch',
        'Main panel',
        'Danger now: Breaker opening neither filled nor closed',
        'Photo 1. Two wires under 15',
        'What these dangers are like',
        'Ask somebody for damp and water',
        'What was not seen',
        'Words',
        'Shut-off card',
        'Circuit directory, Main panel',
      ],
      electrician: [
        'Panel report, Lock-keeper’s house',
        'Look, do not touch',
        'Work by place',
        'Nothing here is done live.',
        'Main panel, Breaker 15',
        'More conductors under a screw',
        'To be off',
        'Torque',
        'Read and record after',
        'Panels: label, supply and room left',
        'Circuit directory, Main panel',
        'Photo 1. Two wires under 15',
        'What was not seen',
      ],
      official: [
        'Panel report, Lock-keeper’s house',
        'No permit result',
        'Findings and sources',
        'What was not seen',
        'Look, do not touch',
      ],
      record: [
        'Panel report, Lock-keeper’s house',
        'What to do first',
        'Why this grade',
        'Photo 1. Two wires under 15',
        'What was not seen',
        'Settings it was graded by',
        'Every entry',
        'pdf-',
      ],
    };
    const plain = run('pdftotext', made.file, '-').replaceAll(/\s+/g, ' ');
    let from = 0;
    for (const words of order[audience]) {
      const at = plain.indexOf(words, from);
      expect([words, at >= from]).toEqual([words, true]);
      from = at;
    }
  });
});

test('a word too long for a page, and an entry longer than one, lose nothing', async () => {
  const { stored } = await printed('client');
  const words = Array.from({ length: 800 }, (_, at) => `word${at}`).join(' ');
  const book = new Logbook(
    { newId: idsFrom('long-'), device: 't', author: 'ines', at: '2026-04-14T11:00:00+01:00' },
    stored.entries,
  );
  book.add('note', 'long', book.site.site!, {
    words: words.slice(0, 4000),
    aboutThing: 'lock-main',
  });
  const long = { ...stored, entries: book.entries };
  const { report, sheet } = draftOf(long, 'record');
  const pdf = await renderPdf({
    sheet,
    place: report.place,
    organisation: report.organisation,
    asOf: report.asOf,
  });
  const file = join(folder, 'long.pdf');
  writeFileSync(file, pdf);
  const text = run('pdftotext', '-layout', file, '-');
  for (const at of [0, 150, 300, 450]) expect(text).toContain(`word${at}`);
});

test.each(audiences)(
  'an inspection in which nothing is recorded is set for %s, and says so',
  async (audience) => {
    const stored = {
      id: 'empty',
      settings: startingSettings('Test office'),
      authors: [],
      entries: [],
    };
    const { report, sheet } = draftOf(stored, audience);
    const pdf = await renderPdf({
      sheet,
      place: report.place,
      organisation: report.organisation,
      asOf: report.asOf,
    });
    const file = join(folder, 'empty.pdf');
    writeFileSync(file, pdf);
    expect(run('qpdf', '--check', file)).toContain('No syntax');
    expect(run('pdftotext', file, '-')).toContain('Nothing was recorded yet');
  },
);
