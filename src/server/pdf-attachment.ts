import 'server-only';
import {
  PDFArray,
  PDFDict,
  PDFDocument,
  PDFHexString,
  PDFName,
  PDFRawStream,
  PDFString,
  decodePDFRawStream,
} from 'pdf-lib';

export const isPdf = (bytes: Buffer) => bytes.subarray(0, 5).toString('latin1') === '%PDF-';

/** The zip attached to a report, or why there is none. */
export async function attachedPackage(
  bytes: Buffer,
): Promise<{ ok: true; zip: Buffer } | { ok: false; reason: string }> {
  let pdf: PDFDocument;
  try {
    pdf = await PDFDocument.load(bytes, { updateMetadata: false });
  } catch (error) {
    return { ok: false, reason: error instanceof Error ? error.message : 'a broken PDF' };
  }
  const names = pdf.catalog
    .lookupMaybe(PDFName.of('Names'), PDFDict)
    ?.lookupMaybe(PDFName.of('EmbeddedFiles'), PDFDict)
    ?.lookupMaybe(PDFName.of('Names'), PDFArray);
  for (let index = 0; names && index + 1 < names.size(); index += 2) {
    const name = names.lookup(index);
    const words =
      name instanceof PDFString || name instanceof PDFHexString ? name.decodeText() : '';
    if (!words.endsWith('.zip')) continue;
    const stream = names
      .lookupMaybe(index + 1, PDFDict)
      ?.lookupMaybe(PDFName.of('EF'), PDFDict)
      ?.lookup(PDFName.of('F'));
    if (stream instanceof PDFRawStream)
      return { ok: true, zip: Buffer.from(decodePDFRawStream(stream).decode()) };
  }
  return { ok: false, reason: 'no inspection is attached to it' };
}
