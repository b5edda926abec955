/** What is drawn (`drawing`, `thermal`) and what is issued (`report`). */
export { drawPanel } from './drawing/draw-panel';
export type { PanelDrawing } from './drawing/draw-panel';
export { hottestAt } from './thermal/map';
export { composeReport } from './report/compose';
export type { Author } from './report/provenance';
export { readReportData } from './report/versions';
export { compareWithIssued } from './report/closing';
