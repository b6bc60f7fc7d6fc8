import { LAW } from '#words/findings/index';
import { paperFonts, pdfOf } from './pdf';

/** ISO A3 landscape, points. */
const SHEET = { width: 1190, height: 842 };
const MARGIN = 36;

/** A drawing on one A3 sheet, as large as fits, with its title and the rule that a plan is not a permit. */
export const sheetPdf = (
  { svg, width, height }: { readonly svg: string; readonly width: number; readonly height: number },
  title: string,
): Promise<Buffer> => {
  const room = { width: SHEET.width - 2 * MARGIN, height: SHEET.height - 2 * MARGIN - 40 };
  const scale = Math.min(room.width / width, room.height / height, 1.4);
  return pdfOf({
    pageSize: SHEET,
    pageMargins: MARGIN,
    info: { title, creator: 'Aldaba' },
    defaultStyle: { font: 'Archivo', fontSize: 9, color: '#1b2230' },
    content: [
      { text: title, bold: true, fontSize: 12, margin: [0, 0, 0, 8] },
      { svg: paperFonts(svg), width: width * scale },
    ],
    footer: { text: LAW, fontSize: 7.5, color: '#555c69', margin: [MARGIN, 4, MARGIN, 0] },
  });
};
