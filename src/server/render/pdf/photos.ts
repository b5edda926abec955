import 'server-only';
import type { PhotoOnSheet } from '@/core/show/report/blocks/block';
import { missingPicture } from '@/core/show/report/cautions';
import { gradeColours } from './colours';
import { label } from './drawing';
import type { Flow } from './flow';
import { ink, ink2 } from './flow';
import type { Press } from './press';

const gap = 12;
/** Points. */
const tallest = 190;

export const photosHeight = (photos: readonly PhotoOnSheet[]) =>
  Math.ceil(photos.length / 2) * (tallest + 40);

/** Photos two in a row, each with its number at its pin and its caption under it. */
export function setPhotos(press: Press, photos: readonly PhotoOnSheet[]): void {
  for (let at = 0; at < photos.length; at += 2) row(press, photos.slice(at, at + 2));
}

function row(press: Press, photos: readonly PhotoOnSheet[]): void {
  const { flow } = press;
  const { doc } = flow;
  const wide = (flow.width - gap) / 2;
  const height = Math.max(...photos.map((photo) => sizeOf(photo, wide).height));
  const under = Math.max(
    ...photos.map(({ caption }) => flow.height(caption, { size: 8.5, width: wide })),
  );
  flow.room(height + under + 12);
  const top = doc.y;
  photos.forEach((photo, at) => {
    const left = flow.left + at * (wide + gap);
    one(press, photo, left, top, wide);
    const caption = flow.element('Caption');
    caption.add(() =>
      flow.textAt(photo.caption, left, top + height + 4, { size: 8.5, color: ink2, width: wide }),
    );
    caption.end();
  });
  doc.x = flow.left;
  doc.y = top + height + 4 + under + 8;
}

function sizeOf({ width, height }: PhotoOnSheet, wide: number) {
  const scale = Math.min(wide / width, tallest / height);
  return { width: width * scale, height: height * scale };
}

function one(
  { flow, pictures }: Press,
  photo: PhotoOnSheet,
  x: number,
  y: number,
  wide: number,
): void {
  const { doc } = flow;
  const size = sizeOf(photo, wide);
  const picture = pictures.get(photo.digest);
  flow.figure(picture ? photo.alt : `${photo.alt}; the picture is not in this place`, () => {
    if (picture) doc.image(picture.bytes, x, y, size);
    else doc.rect(x, y, size.width, size.height).lineWidth(0.8).dash(3, { space: 3 }).stroke(ink2);
    doc.undash();
    if (photo.pin)
      pin(flow, photo, { x: x + photo.pin.x * size.width, y: y + photo.pin.y * size.height });
    if (!picture)
      label(doc, missingPicture, x + size.width / 2, y + size.height / 2, 9, 'middle', false, ink2);
  });
}

/** The photo's number at the point it shows. */
function pin({ doc }: Flow, { number }: PhotoOnSheet, at: { x: number; y: number }): void {
  doc.circle(at.x, at.y, 9).lineWidth(2).fillAndStroke('#ffffff', gradeColours.danger);
  label(doc, String(number), at.x, at.y + 3.6, 10, 'middle', true, ink);
}
