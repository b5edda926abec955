import 'server-only';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type PDFDocument from 'pdfkit';
import { sfntOfWoff } from './woff';

const folder = join(process.cwd(), 'node_modules', '@fontsource');

const files = {
  regular: 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
  bold: 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff',
  /** Has what the latin files lack: Ω ≥ → ✓ and letters beyond them. */
  fallback: 'dejavu-sans/files/dejavu-sans-latin-400-normal.woff',
} as const;

export type FontName = keyof typeof files;

let loaded: Promise<[FontName, Buffer][]> | undefined;

/** Reads the fonts once a process. */
export function loadFonts(): Promise<[FontName, Buffer][]> {
  loaded ??= Promise.all(
    Object.entries(files).map(async ([name, file]): Promise<[FontName, Buffer]> => [
      name as FontName,
      sfntOfWoff(await readFile(join(folder, file))),
    ]),
  );
  return loaded;
}

export function registerFonts(doc: PDFKit.PDFDocument, fonts: readonly [FontName, Buffer][]): void {
  for (const [name, data] of fonts) doc.registerFont(name, data);
}

export type Pdf = InstanceType<typeof PDFDocument>;
