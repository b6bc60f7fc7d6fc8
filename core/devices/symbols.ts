/**
 * Aldaba's own drawn symbols, as strokes on a 24 by 24 grid: one path each, drawn with a round pen. They say
 * what a device does to the door, not what its catalogue picture looks like.
 */
export const SYMBOLS = {
  magnet: 'M5 5h14v5H5z M8 10v3 M16 10v3 M5 14h14v5H5z M9 16.5h6',
  bolt: 'M4 8h9v8H4z M13 12h7 M18 9v6',
  strike: 'M6 4h12v16H6z M12 8h6 M12 16h6 M12 8v8 M15 12h5',
  mortise: 'M7 3h7v18H7z M14 9h4 M14 15h5 M10 7h1 M9 12h3',
  shear: 'M4 6h16v4H4z M4 14h16v4H4z M9 10v4 M15 10v4 M12 10v4',
  gate: 'M5 4v16 M9 4v16 M13 4v16 M5 8h8 M5 16h8 M13 12h7 M17 9v6',
  supply: 'M4 5h16v14H4z M8 9v6 M6.5 12h3 M14 12h4 M11 8l-1 4h2l-1 4',
  battery: 'M4 8h14v8H4z M18 10h2v4h-2 M8 10v4 M6 12h4 M13 12h3',
  transformer: 'M4 7c4 0 4 5 0 5 M4 12c4 0 4 5 0 5 M20 7c-4 0-4 5 0 5 M20 12c-4 0-4 5 0 5 M11 5v14 M13 5v14',
  controller:
    'M5 4h14v16H5z M8 8h3v3H8z M14 8h2 M14 11h2 M8 15h8 M3 8h2 M3 12h2 M3 16h2 M19 8h2 M19 12h2 M19 16h2',
  keypad: 'M6 3h12v18H6z M9 7h1 M12 7h1 M15 7h.5 M9 11h1 M12 11h1 M15 11h.5 M9 15h1 M12 15h1 M15 15h.5',
  finger: 'M7 4h10v16H7z M9.5 13c0-4 5-4 5 0v3 M12 12v4 M9.5 16v1',
  reader: 'M7 3h10v18H7z M10 9c2 1.5 2 4.5 0 6 M13 7c3 2.5 3 7.5 0 10',
  button: 'M4 6h16v12H4z M12 9a3 3 0 1 0 .01 0z',
  wave: 'M4 5h16v14H4z M9 15v-4 M12 15V8 M15 15v-4 M7 17h10',
  motion: 'M5 5h14v4H5z M8 9l-3 10 M12 9v10 M16 9l3 10',
  lever: 'M6 4h5v16H6z M9 11h10v2H9z',
  bar: 'M3 9h18v6H3z M7 9v6 M17 9v6',
  reed: 'M4 12h5 M9 12l6-3 M16 12h4 M7 5h10v3H7z',
  glass: 'M4 4h16v16H4z M8 8h8v8H8z M10 8l1.5 4-2 4 M11.5 12l4 1',
  pull: 'M5 4h14v16H5z M8 9h8 M12 9v6 M9 15h6',
  flame: 'M12 3c1 4 5 5 5 10a5 5 0 0 1-10 0c0-3 2-4 2-6 1 1 2 2 2 3 1-2 1-4 1-7z',
  key: 'M8 9a3 3 0 1 0 .01 6 3 3 0 0 0-.01-6z M11 12h9 M17 12v3 M20 12v2',
  relay: 'M4 8h6v8H4z M4 16l6-8 M13 17l5-3 M13 17h-1 M19 17h1 M19 9h1 M18 14V9',
  timer: 'M12 5a7 7 0 1 0 .01 0z M12 8v4l3 2 M9 3h6',
  station: 'M7 3h10v18H7z M9.5 7h5 M9.5 9h5 M9.5 11h5 M12 15a1.5 1.5 0 1 0 .01 0z',
  handset: 'M7 4h10v16H7z M9 6h3v12H9z M14 8h1.5 M14 11h1.5 M14 14h1.5',
  operator: 'M3 4h18v4H3z M17 8l-4 6 M13 14l5 6',
  chime: 'M6 17h12c-2-2-2-4-2-7a4 4 0 0 0-8 0c0 3 0 5-2 7z M11 20h2 M12 4v2',
  sounder: 'M4 10v4h4l5 4V6L8 10z M16 9c1.5 2 1.5 4 0 6 M18.5 7c3 3 3 7 0 10',
  strobe: 'M7 18h10v3H7z M9 18c-2-6 0-10 3-10s5 4 3 10 M12 3v2 M5 6l1.5 1.5 M19 6l-1.5 1.5',
  lamp: 'M12 6a6 6 0 1 0 .01 0z M8 8l8 8 M16 8l-8 8',
  network: 'M9 4h6v4H9z M3 16h6v4H3z M15 16h6v4h-6z M12 8v4 M6 16v-4h12v4',
  fuse: 'M2 12h20 M6 8.5h12v7H6z',
  diode: 'M4 12h5 M9 7v10l6-5z M15 7v10 M15 12h5',
  varistor: 'M4 12h4 M8 9h8v6H8z M16 12h4 M6 18h3l7-12h3',
  resistor: 'M3 12h4 M7 9.5h10v5H7z M17 12h4',
  joint: 'M5 12h14 M12 5v14 M12 10a2 2 0 1 0 .01 0z',
  earth: 'M12 4v8 M5 12h14 M8 16h8 M10.5 20h3',
} as const;

export type SymbolId = keyof typeof SYMBOLS;
export const SYMBOL_IDS = Object.keys(SYMBOLS) as readonly SymbolId[];
