import 'server-only';
import type { ReportPhoto } from '@/core/show/report/report';
import { gradeColours } from '../colours';
import { label } from '../drawing';
import { ink, ink2 } from '../flow';
import type { Page } from '../page';

const gap = 12;
/** Points. */
export const tallestPhoto = 190;

/** Photos of these numbers, two in a row, each with its number and its pin. */
export function photoRows(page: Page, numbers: readonly number[]): void {
  const photos = page.report.photos.filter(({ number }) => numbers.includes(number));
  for (let at = 0; at < photos.length; at += 2) row(page, photos.slice(at, at + 2));
}

/** All photos of the visit. */
export function allPhotos(page: Page): void {
  const { flow, report } = page;
  if (report.photos.length === 0) return;
  flow.heading('Photos', 2);
  photoRows(
    page,
    report.photos.map(({ number }) => number),
  );
}

/** Photos that show no finding: the others stand with theirs. */
export function otherPhotos(page: Page): void {
  const rest = page.report.photos.filter(({ findings }) => findings.length === 0);
  if (rest.length === 0) return;
  page.flow.heading('Other photos', 2);
  photoRows(
    page,
    rest.map(({ number }) => number),
  );
}

function row(page: Page, photos: readonly ReportPhoto[]): void {
  const { flow } = page;
  const { doc } = flow;
  const wide = (flow.width - gap) / 2;
  const height = Math.max(...photos.map((photo) => sizeOf(photo, wide).height));
  flow.room(height + 34);
  const top = doc.y;
  photos.forEach((photo, at) => one(page, photo, flow.left + at * (wide + gap), top, wide));
  doc.x = flow.left;
  doc.y = top + height + 4;
  const captions = photos.map(captionOf);
  const under = doc.y;
  captions.forEach((words, at) => {
    const caption = flow.element('Caption');
    caption.add(() =>
      flow.textAt(words, flow.left + at * (wide + gap), under, {
        size: 8.5,
        color: ink2,
        width: wide,
      }),
    );
    caption.end();
  });
  doc.x = flow.left;
  doc.y =
    under +
    Math.max(...captions.map((words) => flow.height(words, { size: 8.5, width: wide }))) +
    8;
}

export const captionOf = ({ number, caption, about, by, at }: ReportPhoto) =>
  `Photo ${number}. ${[caption, about].filter(Boolean).join('. ') || 'No caption'}. ${by}, ${at.slice(0, 16).replace('T', ' ')}.`;

function sizeOf({ width, height }: ReportPhoto, wide: number) {
  const scale = Math.min(wide / width, tallestPhoto / height);
  return { width: width * scale, height: height * scale };
}

function one(page: Page, photo: ReportPhoto, x: number, y: number, wide: number): void {
  const { flow, pictures } = page;
  const { doc } = flow;
  const size = sizeOf(photo, wide);
  const picture = pictures?.get(photo.digest);
  const alt = `Photo ${photo.number}: ${photo.caption ?? photo.about ?? 'without a caption'}`;
  flow.figure(picture ? alt : `${alt}; the picture is not in this place`, () => {
    if (picture) doc.image(picture.bytes, x, y, size);
    else doc.rect(x, y, size.width, size.height).lineWidth(0.8).dash(3, { space: 3 }).stroke(ink2);
    doc.undash();
    if (photo.pin)
      pin(page, photo, { x: x + photo.pin.x * size.width, y: y + photo.pin.y * size.height });
    if (!picture)
      label(
        doc,
        'The picture is not here.',
        x + size.width / 2,
        y + size.height / 2,
        9,
        'middle',
        false,
        ink2,
      );
  });
}

/** The photo's number at the point it shows. */
function pin({ flow: { doc } }: Page, { number }: ReportPhoto, at: { x: number; y: number }): void {
  doc.circle(at.x, at.y, 9).lineWidth(2).fillAndStroke('#ffffff', gradeColours.danger);
  label(doc, String(number), at.x, at.y + 3.6, 10, 'middle', true, ink);
}
