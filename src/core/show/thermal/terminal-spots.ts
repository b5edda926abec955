import type { Geometry } from '../drawing/geometry';
import { onSheet, screwPoint, sheetSize } from '../drawing/geometry';
import type { PanelView, TerminalView } from '../../installation/panel/views';
import type { Corners, Spot } from './map';
import { hottestAt, onPicture } from './map';
import type { ThermalGrid } from './grid';

/** Where the screw of each breaker lies on the sheet. */
export const terminalSpots = (
  panel: PanelView,
  geometry: Geometry,
): { terminal: TerminalView; spot: Spot }[] =>
  panel.devices.flatMap((device) =>
    device.terminals.map((terminal) => ({
      terminal,
      spot: onSheet(geometry, screwPoint(geometry, device, terminal.index)),
    })),
  );

/** Upper left and lower right corner of the enclosure on the sheet. */
export const canCorners = (geometry: Geometry): [Spot, Spot] => {
  const { width, height } = sheetSize(geometry);
  return [
    { x: 0, y: 0 },
    { x: width, y: height },
  ];
};

/** °C at each screw of the panel that the picture shows. */
export const terminalTemperatures = (
  grid: ThermalGrid,
  corners: Corners,
  panel: PanelView,
  geometry: Geometry,
): { terminal: TerminalView; c: number }[] =>
  terminalSpots(panel, geometry).flatMap(({ terminal, spot }) => {
    const c = hottestAt(grid, onPicture(corners, spot));
    return c === undefined ? [] : { terminal, c: Math.round(c * 10) / 10 };
  });
