import { describe, expect, test } from '@jest/globals';
import { renderToStaticMarkup } from 'react-dom/server';
import { composeReport } from '@/core';
import { bench } from '@/core/testing/bench';
import type { Audience } from '@/core/show/report/audience';
import { audiences } from '@/core/show/report/audience';
import type { Sheet, Signed } from '@/core/show/report/blocks/sheet';
import { composeSheet } from '@/core/show/report/sheets';
import { Blocks } from './Blocks';
import { TakeAlong } from './TakeAlong';
import type { ReportView } from './view';
import { picturesAt } from './view';

const digest = 'a'.repeat(64);
const mark: Signed = {
  number: '2026-0001',
  changes: '',
  signedName: 'Ines Marrable',
  licence: 'ML-1041',
  issuedOn: '2026-04-22',
};
type View = ReportView & { sheet: Sheet };
/** A panel with a danger, a doubled wire with its photo, and a name that would be markup. */
function view(audience: Audience, signed?: Signed): View & { seen: string[] } {
  const made = bench().lines('main 100', '7 20 2x12cu m1 kitchen', '24 open!');
  const seven = made.book.site.panels[0]!.devices.find(({ label }) => label === '7')!;
  made.book.add('photo', 'shot', 'site', {
    digest,
    pictureWidth: 4,
    pictureHeight: 3,
    aboutThing: seven.id,
    caption: '<b>Two wires</b>',
    pin: { x: 0.25, y: 0.5 },
  });
  made.book.add('note', 'damp', 'site', { words: 'Damp wall', referTo: 'damp' });
  const assessment = made.assess();
  const report = composeReport(assessment, {
    inspection: 'one',
    asOf: '2026-04-14',
    authors: [{ id: 'ines', name: 'Ines & Co', licence: '' }],
  });
  const record = { settings: [{ term: 'Yardstick', says: 'us-2020' }], lines: [] };
  const sheet = composeSheet({ report, site: assessment.site, signed, record }, audience);
  return { report, sheet, audience, seen: report.findings.map((finding) => finding.seen) };
}
const issued = (by: 'member' | 'client'): NonNullable<ReportView['issued']> => ({
  digest: 'f'.repeat(64),
  base: by === 'client' ? '/r/token' : '/issued/one',
  by,
});
const html = ({ sheet, issued: of }: View) =>
  renderToStaticMarkup(<Blocks {...sheet} pictures={picturesAt(of)} />);
const words = (text: string) => text.replaceAll(/<[^>]+>/g, ' ').replaceAll(/\s+/g, ' ');

describe.each(audiences)('the page for the reader: %s', (audience) => {
  const made = view(audience);
  const text = html(made);
  test('tells every finding, and what was not seen', () => {
    for (const seen of made.seen) expect(words(text)).toContain(renderToStaticMarkup(<>{seen}</>));
    expect(text).toContain('id="not-seen"');
    expect(words(text)).toContain('Not seen does not mean fine.');
  });
  test('has each address once, and every inner link leads somewhere', () => {
    const ids = [...text.matchAll(/ id="([^"]+)"/g)].map(([, id]) => id!);
    expect(new Set(ids).size).toBe(ids.length);
    for (const [, to] of text.matchAll(/href="#([^"]+)"/g)) expect(ids).toContain(to);
  });
  test('writes what people typed as words, never as markup', () =>
    expect(text).not.toContain('<b>Two wires</b>'));
});

describe('each reader', () => {
  test('the client learns what to do today, what it is like, how to shut off', () => {
    const text = words(html(view('client')));
    for (const part of [
      'If it smells burnt',
      'What these dangers are like',
      'Shut-off card',
      'Damp wall',
    ])
      expect(text).toContain(part);
  });
  test('the electrician gets work by place, and no comparison', () => {
    const text = words(html(view('electrician')));
    expect(text).toContain('Nothing here is done live.');
    expect(text).toContain('Screw 7, leg B: 12 copper + 12 copper, Kitchen');
    expect(text).not.toContain('What these dangers are like');
  });
  test('the official is told where there is no permit to pass', () =>
    expect(words(html(view('official')))).toContain('No pass, correction or refusal is given'));
  test('the record opens every reason, and prints entries where it is given them', () => {
    const text = words(html(view('record')));
    expect(text).toContain('Why this grade');
    expect(text).toContain('Every entry: 0');
  });
});

describe('pictures and data', () => {
  test.each([
    ['a draft', undefined, `/pictures/${digest}`],
    ['a member', issued('member'), `/pictures/${digest}`],
    ['a client with a link', issued('client'), `/r/token/pictures/${digest}`],
  ] as const)('%s finds them at an address of his own', (_, by, src) =>
    expect(html({ ...view('client'), ...(by && { issued: by }) })).toContain(`src="${src}"`),
  );
  test('the pin carries the photo’s number at its point', () =>
    expect(html(view('client'))).toMatch(/style="left:25%;top:50%">1</));
  test('lie below the report’s own address', () =>
    expect(
      renderToStaticMarkup(<TakeAlong {...view('client')} issued={issued('client')} />),
    ).toContain('href="/r/token/data/findings.csv"'));
  test('a draft says that it is one; an issued one who signed', () => {
    expect(words(html(view('client')))).toContain('A draft: not issued, not signed.');
    expect(words(html(view('client', mark)))).toContain(
      'Report 2026-0001, issued 22 April 2026, signed Ines Marrable, ML-1041.',
    );
  });
});
