/** Figures that follow from the record: demand and room (`load`), good figures and proof of dead (`readings`). */
export { loadSheet } from './load/load-sheet';
export { panelDemands } from './load/panel-demand';
export { limitsOf } from './readings/limits';
export { deadProof } from './readings/dead-proof';
