import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import type { InspectionPackage } from '@/core';
import { Logbook, assess, composeReport, idsFrom, startingSettings } from '@/core';
import { observe } from '@/core/fieldwork/recording/draft';
import type { Entry } from '@/core/record/entries/entry';
import type { Audience } from '@/core/show/report/audience';
import type { Block, Table } from '@/core/show/report/blocks/block';
import type { Sheet, Signed } from '@/core/show/report/blocks/sheet';
import { compareWithIssued } from '@/core/show/report/closing';
import type { Letterhead } from '@/core/codes/settings/letterhead';
import { asOfDay } from '@/core/show/report/dates';
import { wholeRecord } from '@/core/show/report/record';
import type { TextSource } from '@/core/show/report/sheets';
import { chandlery } from '@/server/demo/chandlery';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { netLoft } from '@/server/demo/net-loft';
import { osierCottage } from '@/server/demo/osier-cottage';
import { quayBakery } from '@/server/demo/quay-bakery';
import { ropewalk } from '@/server/demo/ropewalk';
import { slipway } from '@/server/demo/slipway';
import { renderPdf } from '@/server/render/pdf/render-pdf';
import { sha256Hex } from '@/server/sha256';

export const authors = [{ id: 'ines', name: 'Ines Marrable', licence: 'ML-1041' }];
export const settings = startingSettings('Marrow Lock Panel Survey');
export const signed: Signed = {
  number: '2026-0007, revision 1',
  changes: 'The boat shed was seen.',
  signedName: 'Ines Marrable',
  licence: 'ML-1041',
  issuedOn: '2026-04-22',
};
export const seal = 'c0ffee'.padEnd(64, '0');

const picture = await sharp({
  create: { width: 60, height: 45, channels: 3, background: '#567' },
})
  .jpeg()
  .toBuffer();
export const digest = sha256Hex(picture);
export const pictures = new Map([[digest, { digest, width: 60, height: 45, bytes: picture }]]);

/** An office as it shows itself, on the paper and with the dates of another country. */
export const letterhead: Letterhead = {
  version: 1,
  address: 'Lock House, 4 Towpath\nMarrow Lock',
  licence: 'Office licence 12',
  insurance: 'Insured with Heron Mutual, policy 4',
  logo: { digest, width: 60, height: 45 },
  terms: { version: 3, text: 'Payment within 30 days.\nComplaints are answered within ten days.' },
  covers: { version: 1, text: 'What can be seen and was agreed, on the day of the visit.' },
  paper: 'letter',
  dates: 'month-first',
};

/** The lock-keeper's house with a photo, a note for others, and letters no latin file holds. */
function withPhoto(): readonly Entry[] {
  const book = new Logbook(
    {
      newId: idsFrom('pdf-'),
      device: 'tablet',
      author: 'ines',
      at: '2026-04-14T09:58:00+01:00',
    },
    lockKeepersHouse('ines').entries,
  );
  const fifteen = book.site.panels[0]!.devices.find(({ number }) => number === 15)!;
  book.add('photo', 'shot', book.site.site!, {
    digest,
    pictureWidth: 60,
    pictureHeight: 45,
    aboutThing: fifteen.id,
    caption: 'Two wires under 15',
    pin: { x: 0.5, y: 0.5 },
  });
  book.add('note', 'damp', book.site.site!, { words: 'Damp by the stair', referTo: 'damp' });
  book.observe(book.site.site!, { client: 'Žofia & <Sons> ≥ Ω' }, 'told');
  return book.entries;
}

/** A house that was come back to: made safe, set by hand, ticked, tried in the circuit model, contradicted. */
function closedEntries(): readonly Entry[] {
  const text = readFileSync('tests/report/issued/closed.json', 'utf8');
  return (JSON.parse(text) as IssuedBefore).entries;
}

/** The same house, two of its findings mended on the visit: one shown to be so, one not. */
function mendedEntries(): readonly Entry[] {
  const entries = withPhoto();
  const { findings } = assess(entries, settings);
  const book = new Logbook(
    {
      newId: idsFrom('mend-'),
      device: 'tablet',
      author: 'ines',
      at: '2026-04-14T11:20:00+01:00',
    },
    entries,
  );
  const { site } = book.site;
  const [open, double] = ['enclosure/open-position', 'breaker/double-tap'].map(
    (rule) => findings.find(({ verdict }) => verdict.rule.id === rule)!.key,
  ) as [string, string];
  const step = () => observe(book.site.reader, 'mend-open', { mendStep: true });
  book.add('mend', 'mend-open', site!, {
    mendOf: [open],
    mendedBy: 'Tomas Aldergrove',
    mendHow: 'Blank fitted',
    mendParts: 'one filler plate',
  });
  book.record([
    observe(book.site.reader, open.split('|')[1]!, { opening: 'blanked', liveMetalInPlane: false }),
    step(),
  ]);
  book.record([
    observe(book.site.reader, book.site.panels[0]!.id, { abV: 241 }, 'measured'),
    step(),
  ]);
  book.add('mend', 'mend-double', site!, { mendOf: [double], mendedBy: 'the owner' });
  return book.entries;
}

/** Entries of every building of the demo; of the one that was closed, those of the visit too. */
export const buildings: Readonly<
  Record<string, { entries: readonly Entry[]; closes?: true; letterhead?: Letterhead }>
> = {
  'lock-keepers-house': { entries: withPhoto() },
  'net-loft': { entries: netLoft('ines').entries },
  'quay-bakery': { entries: quayBakery('ines').entries },
  chandlery: { entries: chandlery('ines').entries, letterhead },
  ropewalk: { entries: ropewalk('ines').entries },
  slipway: { entries: slipway('ines').entries },
  'osier-cottage': { entries: osierCottage('ines').entries },
  closed: { entries: closedEntries(), closes: true },
  mended: { entries: mendedEntries() },
  empty: { entries: [] },
};

/** What the text of a report of these entries is composed from. */
export function sourceOf(
  id: string,
  { entries, closes, letterhead: head }: (typeof buildings)[string],
  mark: Signed | undefined,
): TextSource {
  const assessment = assess(entries, settings);
  const compose = (of: typeof assessment, asOf: string | undefined) =>
    composeReport(of, { inspection: id, asOf, authors, ...(head && { letterhead: head }) });
  const report = compose(assessment, asOfDay(entries));
  const visit = entries.filter(({ at }) => at < '2026-05-01');
  const then = closes && assess(visit, settings);
  return {
    report: then
      ? {
          ...report,
          closing: {
            of: '2026-0001',
            ...compareWithIssued(compose(then, asOfDay(visit)), assessment, then),
          },
        }
      : report,
    site: assessment.site,
    signed: mark,
    record: wholeRecord(entries, authors, assessment),
  };
}

/** A sheet on paper. */
export const onPaper = (
  sheet: Sheet,
  { place, organisation, asOf, letterhead: head }: TextSource['report'],
  issued?: { number: string; digest: string },
) =>
  renderPdf({
    sheet,
    place,
    organisation,
    asOf,
    pictures,
    ...(head && { paper: head.paper }),
    ...(issued && { issued }),
  });

/** Titles of every table of a sheet. */
export const headsOf = (blocks: readonly Block[]): string[][] =>
  tablesIn(blocks).map(({ columns }) => columns.map(({ title }) => title));

const tablesIn = (blocks: readonly Block[]): Table[] =>
  blocks.flatMap((block): Table[] => {
    switch (block.kind) {
      case 'table':
        return [block];
      case 'keep':
      case 'page':
      case 'callout':
      case 'fold':
        return tablesIn(block.blocks);
      case 'beside':
        return tablesIn([...block.first, ...block.second]);
      default:
        return [];
    }
  });

/** A report of an older version with its texts as they were read, the literal that never changes. */
export interface IssuedBefore extends Pick<InspectionPackage, 'settings' | 'authors' | 'entries'> {
  inspection: string;
  report: unknown;
  issued?: Signed & { digest: string };
  texts: Record<Audience, { screen: string; paper: string }>;
}
