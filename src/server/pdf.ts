import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import PdfPrinter from 'pdfmake';
import type { TDocumentDefinitions } from 'pdfmake/interfaces';
import { fontOfWoff } from './woff';

const require = createRequire(import.meta.url);
const font = (name: string): Buffer => fontOfWoff(readFileSync(require.resolve(name)));

/** Fonts for paper, from the same families as the screen; read at the first document. */
const readFonts = () => ({
  Archivo: {
    normal: font('@fontsource/archivo/files/archivo-latin-400-normal.woff'),
    bold: font('@fontsource/archivo/files/archivo-latin-700-normal.woff'),
    italics: font('@fontsource/archivo/files/archivo-latin-400-italic.woff'),
    bolditalics: font('@fontsource/archivo/files/archivo-latin-700-italic.woff'),
  },
  Mono: {
    normal: font('@fontsource/b612-mono/files/b612-mono-latin-400-normal.woff'),
    bold: font('@fontsource/b612-mono/files/b612-mono-latin-700-normal.woff'),
  },
});
let fonts: ReturnType<typeof readFonts> | null = null;

/** A document definition as PDF. Rejects where the library refuses it. */
export function pdfOf(definition: TDocumentDefinitions): Promise<Buffer> {
  const document = new PdfPrinter((fonts ??= readFonts())).createPdfKitDocument(definition);
  return new Promise((resolve, reject) => {
    const parts: Buffer[] = [];
    document.on('data', (part: Buffer) => parts.push(part));
    document.on('end', () => resolve(Buffer.concat(parts)));
    document.on('error', reject);
    document.end();
  });
}

/** A drawing for paper: font names as the PDF knows them; the minus sign as a hyphen that the mono face has. */
export const paperFonts = (svg: string): string =>
  svg
    .replaceAll('B612 Mono, monospace', 'Mono')
    .replaceAll('Archivo, sans-serif', 'Archivo')
    .replaceAll('−', '-');
