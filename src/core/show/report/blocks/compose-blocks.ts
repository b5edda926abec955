import type { Audience } from '../audience';
import { besides, dangers, glossary, toldAndAgreed } from './besides';
import type { Block } from './block';
import { closing } from './closing';
import { drawings } from './drawings';
import { plainFindings, wholeFindings } from './finding';
import { firstThings, gradeKey } from './first-things';
import { directory, shutOffCard } from './household';
import { covers, letterhead, terms } from './letterhead';
import { mended } from './mended';
import { doubts, notSeen } from './not-seen';
import { findingTable, noPermit, permitResult } from './official';
import { allPhotos, otherPhotos } from './photos';
import { chosenWork, waysToPutRight } from './plans';
import { readings, whatIfs } from './readings';
import { record } from './record';
import type { Source } from './sheet';
import { caution, summary, title } from './title';
import { worthTelling } from './worth-telling';
import { workByPlace } from './work-list';

type Part = (source: Source) => Block[];

/** The one report, in the order each reader needs it. */
const parts: Record<Audience, readonly Part[]> = {
  client: [
    letterhead,
    title,
    (source) => [
      {
        kind: 'beside',
        first: [summary, firstThings, caution].flatMap((one) => one(source)),
        second: drawings(source),
      },
    ],
    closing,
    gradeKey,
    plainFindings,
    mended,
    waysToPutRight,
    worthTelling,
    dangers,
    toldAndAgreed,
    permitResult,
    readings,
    whatIfs,
    otherPhotos,
    besides,
    notSeen,
    doubts,
    glossary,
    shutOffCard,
    directory,
    covers,
    terms,
  ],
  electrician: [
    letterhead,
    title,
    summary,
    caution,
    closing,
    toldAndAgreed,
    workByPlace,
    chosenWork,
    mended,
    worthTelling,
    drawings,
    readings,
    whatIfs,
    directory,
    allPhotos,
    besides,
    notSeen,
    doubts,
    covers,
    terms,
  ],
  official: [
    letterhead,
    title,
    summary,
    permitResult,
    noPermit,
    toldAndAgreed,
    closing,
    findingTable,
    mended,
    worthTelling,
    notSeen,
    doubts,
    drawings,
    caution,
    covers,
    terms,
  ],
  record: [
    letterhead,
    title,
    summary,
    firstThings,
    closing,
    permitResult,
    drawings,
    toldAndAgreed,
    wholeFindings,
    mended,
    waysToPutRight,
    chosenWork,
    worthTelling,
    readings,
    whatIfs,
    allPhotos,
    besides,
    notSeen,
    doubts,
    directory,
    covers,
    terms,
    record,
    caution,
  ],
};

/** What one reader is shown, block by block. Runs in the browser as on the server. */
export const composeBlocks = (source: Source): Block[] =>
  parts[source.audience].flatMap((one) => one(source));
