/**
 * The append-only facts an inspection is made of: entries and what can be said of which thing
 * (`entries`), the desk grammar (`shorthand`), the open package (`package`).
 */
export type { Entry } from './entries/entry';
export type { Inspection } from './entries/inspection';
export { properties } from './entries/properties';
export { parseEntry } from './entries/versions';
export { parseIncoming } from './entries/incoming';
export { fold } from './entries/fold';
export { FactReader } from './entries/fact-reader';
export { parseLine } from './shorthand/parse';
export { printLine } from './shorthand/print';
export { packageFileName, packageFormat, packageVersion, parsePackage } from './package/package';
export type { InspectionPackage, IssuedSeal } from './package/package';
export { sealOf, verifyText } from './package/seal';
