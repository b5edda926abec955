import 'server-only';
import type { Pdf } from './flow';

/** What the document offers below its published types. */
interface Objects {
  compress: boolean;
  ref(data: object): { end(bytes?: Buffer): void };
  addNamedEmbeddedFile(name: string, filespec: object): void;
  _root: { data: Record<string, unknown> };
}

/**
 * Attaches the package in the way of PDF/A-3: a file specification with its relationship, named among
 * the embedded files and in /AF of the catalog. Kept as it is: a zip of pictures does not get smaller.
 * Source: ISO 32000-1, 7.11.4; ISO 19005-3, annex E.
 */
export function attach(doc: Pdf, zip: Buffer, name: string): void {
  const objects = doc as unknown as Objects;
  const text = (words: string) => new String(words);
  objects.compress = false;
  const file = objects.ref({
    Type: 'EmbeddedFile',
    Subtype: 'application#2Fzip',
    Params: { Size: zip.length },
  });
  file.end(zip);
  objects.compress = true;
  const filespec = objects.ref({
    Type: 'Filespec',
    AFRelationship: 'Source',
    F: text(name),
    UF: text(name),
    Desc: text('The inspection this report was made from'),
    EF: { F: file },
  });
  filespec.end();
  objects.addNamedEmbeddedFile(name, filespec);
  objects._root.data.AF = [filespec];
}
