import { drawPanel } from '@/core';
import { sheetSize } from '@/core/show/drawing/geometry';
import type { PanelView } from '@/core/installation/panel/views';
import type { SiteView } from '@/core/installation/panel/site-view';
import { terminalSpots } from '@/core/show/thermal/terminal-spots';
import { chanceOf } from './noise';
import type { Truth } from './truth';

const width = 120;
/** Points of wall around the enclosure. */
const rim = 6;
const wallC = 20;
const insideC = 24;
/** How far a warm joint shows, points. */
const reach = 2;

/** What a thermal camera would write: rows of °C under one heading, with the noise of a sensor. */
export function thermalPicture(panel: PanelView, site: SiteView, truth: Truth): string {
  const { geometry } = drawPanel(panel, site);
  const sheet = sheetSize(geometry);
  const scale = (width - 2 * rim) / sheet.width;
  const height = Math.round(sheet.height * scale) + 2 * rim;
  const cells: number[][] = Array.from({ length: height }, (_, row) =>
    Array.from({ length: width }, (__, column) => {
      const inside = column >= rim && column < width - rim && row >= rim && row < height - rim;
      return inside ? insideC : wallC;
    }),
  );
  for (const { terminal, spot } of terminalSpots(panel, geometry)) {
    const rise = truth.temperatureC(terminal, panel) - insideC;
    if (rise <= 0) continue;
    const [x, y] = [spot.x * scale + rim, spot.y * scale + rim];
    for (let row = Math.floor(y - 9); row <= y + 9; row += 1)
      for (let column = Math.floor(x - 9); column <= x + 9; column += 1) {
        const line = cells[row];
        const here = line?.[column];
        if (!line || here === undefined) continue;
        const far = Math.hypot(column - x, row - y);
        line[column] = Math.max(here, insideC + rise * Math.exp(-((far / reach) ** 2)));
      }
  }
  const noisy = cells.map((line, row) =>
    line.map((c, column) => (c + (chanceOf(`${row}-${column}`) - 0.5) * 0.3).toFixed(1)).join(','),
  );
  return `thermal camera,degrees Celsius,emissivity 0.95\n${noisy.join('\n')}\n`;
}
