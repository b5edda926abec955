import 'server-only';
import sharp from 'sharp';
import { Logbook, drawPanel, idsFrom } from '@/core';
import { bodyBox } from '@/core/show/drawing/geometry';
import { darkPalette } from '@/core/show/drawing/palette';
import { svgText } from '@/core/show/drawing/svg-text';
import type { Entry } from '@/core/record/entries/entry';
import { storePicture } from '../commands/pictures';
import type { Session } from '../session';

export interface Shot {
  panel: string;
  position: number;
  caption: string;
}

/** What the inspector photographs in each house. */
export const houseShots: readonly Shot[] = [
  { panel: 'lock-main', position: 15, caption: 'Two wires under the screw of 15' },
  { panel: 'lock-main', position: 5, caption: '20 A handle over thin wire' },
  { panel: 'lock-main', position: 13, caption: 'Half-size breaker at 13' },
];
export const bakeryShots: readonly Shot[] = [
  { panel: 'bake-panel', position: 18, caption: 'The breaker at 18 and its wire' },
  { panel: 'bake-panel', position: 1, caption: 'The first three poles' },
];

/** The demo's photos are drawn: a close look at the panel's own drawing, as a torch shows it. */
export async function withDrawnPhotos(
  session: Session,
  entries: readonly Entry[],
  shots: readonly Shot[],
  at: string,
  prefix: string,
): Promise<Entry[]> {
  const book = new Logbook(
    { newId: idsFrom(`${prefix}-photo-`), device: 'demo-tablet', author: session.member, at },
    entries,
  );
  for (const { panel: panelId, position, caption } of shots) {
    const { site } = book;
    const panel = site.panels.find((one) => one.id === panelId)!;
    const device = panel.devices.find((one) => one.number === position)!;
    const { geometry, shapes } = drawPanel(panel, site);
    const box = bodyBox(geometry, device);
    const frame = { x: box.x - 2.6, y: box.y - 1.6, width: 6.4, height: 4.8 };
    const bytes = await sharp(Buffer.from(svgText(shapes, darkPalette, frame, 1280)))
      .flatten({ background: '#1b2325' })
      .jpeg({ quality: 88 })
      .toBuffer();
    const { width, height } = await sharp(bytes).metadata();
    const stored = await storePicture(session, bytes);
    if (!stored.ok) throw new Error(stored.reason);
    book.add('photo', `photo-of-${position}`, site.site!, {
      digest: stored.digest,
      pictureWidth: width,
      pictureHeight: height,
      aboutThing: device.id,
      caption,
      pin: { x: 0.42, y: 0.42 },
    });
  }
  return book.entries;
}
