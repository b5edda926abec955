import type { SiteView } from '../../../installation/panel/site-view';
import type { PanelView } from '../../../installation/panel/views';
import { drawPanel } from '../../drawing/draw-panel';
import { sheetSize } from '../../drawing/geometry';
import { balloons } from '../balloons';
import { numberWords } from '../places';
import type { ReportFinding } from '../report';
import type { DrawnPanel, Drawings } from './sealed-text';

/** Draws every panel with the marks of its findings. */
export const drawPanels = (site: SiteView, findings: readonly ReportFinding[]): Drawings =>
  Object.fromEntries(site.panels.map((panel) => [panel.id, drawOne(panel, site, findings)]));

function drawOne(panel: PanelView, site: SiteView, findings: readonly ReportFinding[]): DrawnPanel {
  const { geometry, shapes } = drawPanel(panel, site);
  const { placed, elsewhere } = balloons(findings, panel, geometry);
  return {
    name: panel.name,
    ...sheetSize(geometry),
    shapes,
    marks: placed,
    elsewhere: elsewhere.map(({ number, letter, place, short }) => ({
      number,
      ...(letter && { letter }),
      says: letter && letter !== 'a' ? place : `${place}: ${short}`,
    })),
    drawn: geometry.rows > 0,
  };
}

/** The drawing for those who do not see it. */
export const drawingAlt = ({ name, marks }: Pick<DrawnPanel, 'name' | 'marks'>) =>
  `Drawing of ${name}; marks ${marks.map(numberWords).join(', ')}`;
