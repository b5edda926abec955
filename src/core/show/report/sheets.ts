import type { SiteView } from '../../installation/panel/site-view';
import { paperAsIssued } from './as-issued/paper';
import { screenAsIssued } from './as-issued/screen';
import type { Audience } from './audience';
import { audiences } from './audience';
import type { Block } from './blocks/block';
import { composeBlocks } from './blocks/compose-blocks';
import { drawPanels } from './blocks/drawn-panel';
import type { SealedText } from './blocks/sealed-text';
import type { Drawings, Sheet, Signed, Source } from './blocks/sheet';
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
export function composeSheet(source: TextSource, audience: Audience): Sheet {
  const from = blockSource(source, audience, drawPanels(source.site, source.report.findings));
  return { blocks: composeBlocks(from), drawings: from.drawings };
}

/** The text for every reader, to be sealed; each panel is drawn once. */
export function composeText(source: TextSource): SealedText {
  const drawings = drawPanels(source.site, source.report.findings);
  const blocks = Object.fromEntries(
    audiences.map((audience) => [audience, composeBlocks(blockSource(source, audience, drawings))]),
  ) as Record<Audience, Block[]>;
  return { blocks, drawings };
}

/** Settings and entries are the whole record's alone. */
const blockSource = (
  { report, signed, record }: TextSource,
  audience: Audience,
  drawings: Drawings,
): Source => ({
  report,
  audience,
  drawings,
  signed,
  record: audience === 'record' ? record : undefined,
});

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
  const older = { report, ...source() };
  const from = blockSource(older, audience, drawPanels(older.site, report.findings));
  return {
    blocks: medium === 'screen' ? screenAsIssued(from) : paperAsIssued(from, seal),
    drawings: from.drawings,
  };
}
