/**
 * The thing on the wall, put together from the facts: the supply tree (`supply`), panels with their
 * positions, devices and wires (`panel`), which family a panel is likely of (`likely-family`).
 */
export { SupplyTree } from './supply/tree';
export { siteOf } from './panel/site-of';
export { readSite } from './panel/site-view';
export type { SiteView } from './panel/site-view';
export type { PanelView } from './panel/views';
export { panelFamilies } from './likely-family/panel-families';
