import { createRequire } from 'node:module';
import type PDFKit from 'pdfkit';

/**
 * The library as it is made for servers: imported it would be the one for browsers, which packs by itself what
 * Node.js packs several times as fast.
 */
export const PDFDocument = createRequire(import.meta.url)('pdfkit') as typeof PDFKit;
