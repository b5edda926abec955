import type { ReportPhoto } from '../report';
import type { Block, PhotoOnSheet } from './block';
import { clock, part } from './say';
import type { Source } from './sheet';

export const photoBlocks = (photos: readonly ReportPhoto[]): Block[] =>
  photos.length > 0 ? [{ kind: 'photos', photos: photos.map(onSheet) }] : [];

/** Every photo of the visit. */
export const allPhotos = ({ report }: Source): Block[] =>
  part('photos', 'Photos', photoBlocks(report.photos));

/** Photos that show no finding: the others stand with theirs. */
export const otherPhotos = ({ report }: Source): Block[] =>
  part(
    'photos',
    'Other photos',
    photoBlocks(report.photos.filter(({ findings }) => findings.length === 0)),
  );

const onSheet = (photo: ReportPhoto): PhotoOnSheet => {
  const { number, digest, width, height, caption, about, pin, by, at } = photo;
  const says = [caption, about].filter(Boolean).join('. ');
  return {
    number,
    digest,
    width,
    height,
    alt: `Photo ${number}: ${caption ?? about ?? 'without a caption'}`,
    caption: `Photo ${number}. ${says || 'No caption'}. ${by}, ${clock(at)}.`,
    pin,
  };
};
