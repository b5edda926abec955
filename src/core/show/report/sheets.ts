import type { SiteView } from '../../installation/panel/site-view';
import { paperAsIssued } from './as-issued/paper';
import { screenAsIssued } from './as-issued/screen';
import type { Audience } from './audience';
import { audiences } from './audience';
import { composeBlocks } from './blocks/compose-blocks';
import { drawPanels } from './blocks/drawn-panel';
import type { SealedText } from './blocks/sealed-text';
import type { Sheet, Signed } from './blocks/sheet';
import type { WholeRecord } from './record';
import type { ReportData } from './report';

/** What a text is composed from. */
export interface TextSource {
  report: ReportData;
  site: SiteView;
  signed: Signed | undefined;
  /** Settings and entries, for the whole record. */
  record: WholeRecord;
}

/** The text for one reader, composed now. The same in the browser, on the server and in a test. */
export function composeSheet(
  { report, site, signed, record }: TextSource,
  audience: Audience,
): Sheet {
  const drawings = drawPanels(site, report.findings);
  return {
    blocks: composeBlocks({
      report,
      audience,
      drawings,
      signed,
      record: audience === 'record' ? record : undefined,
    }),
    drawings,
  };
}

/** The text for every reader, to be sealed. */
export function composeText(source: TextSource): SealedText {
  const sheets = audiences.map((audience) => [audience, composeSheet(source, audience)] as const);
  return {
    blocks: Object.fromEntries(
      sheets.map(([audience, { blocks }]) => [audience, blocks]),
    ) as SealedText['blocks'],
    drawings: sheets[0]![1].drawings,
  };
}

/**
 * The text of an issued report: as it was sealed. One issued before its text was sealed reads as it did
 * then, which differed between screen and paper.
 * @param source of such an older one, its site from the sealed entries
 * @param seal its digest, which stood on the first page of paper
 */
export function issuedSheet(
  report: ReportData,
  audience: Audience,
  medium: 'screen' | 'paper',
  source: () => Omit<TextSource, 'report'>,
  seal: string,
): Sheet {
  if (report.text) return { blocks: report.text.blocks[audience], drawings: report.text.drawings };
  const { site, signed, record } = source();
  const drawings = drawPanels(site, report.findings);
  const from = {
    report,
    audience,
    drawings,
    signed,
    record: audience === 'record' ? record : undefined,
  };
  return {
    blocks: medium === 'screen' ? screenAsIssued(from) : paperAsIssued(from, seal),
    drawings,
  };
}
