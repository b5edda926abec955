import type { SiteView } from '../../installation/panel/site-view';
import type { PanelView } from '../../installation/panel/views';
import { drawBars } from './draw-bars';
import { drawBodies } from './draw-bodies';
import { drawBundles } from './draw-bundles';
import { drawBus, drawFeedThrough } from './draw-bus';
import { drawCan, drawSupply } from './draw-can';
import { drawLugMakeshifts } from './draw-lug-makeshifts';
import { drawJackets, drawLooseEnds, drawWires } from './draw-wires';
import type { Geometry } from './geometry';
import type { Routed } from './route';
import { route } from './route';
import type { Shape } from './shapes';
import { layers } from './shapes';
import { turnShapes } from './turn';

/** The panel as a drawing. Solid is seen; dashed is not seen or not recorded. */
export interface PanelDrawing {
  geometry: Geometry;
  routed: Routed;
  shapes: Shape[];
}

export function drawPanel(panel: PanelView, site: SiteView): PanelDrawing {
  const routed = route(panel);
  const { geometry } = routed;
  const { reader } = site;
  const shapes = [
    ...drawCan(panel, geometry, reader),
    ...drawBus(panel, geometry),
    ...drawFeedThrough(panel, geometry, reader),
    ...drawSupply(panel, geometry, reader),
    ...drawLugMakeshifts(panel, geometry, reader),
    ...drawJackets(routed, reader),
    ...drawBundles(routed),
    ...drawWires(routed),
    ...drawLooseEnds(routed, reader),
    ...drawBars(panel, geometry, reader),
    ...drawBodies(panel, geometry, reader),
  ];
  const order = new Map(layers.map((layer, index) => [layer, index]));
  shapes.sort((a, b) => order.get(a.layer)! - order.get(b.layer)!);
  return {
    geometry,
    routed,
    shapes: geometry.turned ? turnShapes(shapes, geometry.height) : shapes,
  };
}
