/**
 * The work at the panel: stages and questions (`walk`), lines and taps turned into entries
 * (`recording`), readings to take (`bench`), the panel as rows (`circuit-table`).
 */
export { askedAt } from './walk/asked';
export { stages } from './walk/stages';
export { idsFrom, Logbook } from './recording/logbook';
export { recordLine } from './recording/record-line';
export { slotGroups } from './bench/slots';
export { readingsOf } from './bench/verdict';
export type { Reading, ReadingVerdict } from './bench/verdict';
export { circuitRows } from './circuit-table/circuit-rows';
