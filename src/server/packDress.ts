import type { Content, TableCell } from 'pdfmake/interfaces';

/** How every table of a pack is dressed for paper. */

export const INK = '#1b2230';
export const GREY = '#555c69';

/** Hairlines between rows only, as a printed schedule has them. */
export const LAYOUT = {
  hLineWidth: (i: number) => (i <= 1 ? 0.8 : 0.3),
  vLineWidth: () => 0,
  hLineColor: () => '#8b8f97',
  paddingTop: () => 3,
  paddingBottom: () => 3,
  paddingLeft: (i: number) => (i === 0 ? 0 : 5),
  paddingRight: () => 3,
};

export const head = (...names: string[]): TableCell[] =>
  names.map((text) => ({ text, bold: true, color: GREY, fontSize: 8 }));
export const mono = (text: string): TableCell => ({ text, font: 'Mono', fontSize: 7.5 });
export const h2 = (text: string): Content => ({ text, style: 'h2', headlineLevel: 1 });
