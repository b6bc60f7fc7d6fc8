/** Millimetres in an inch, exactly. */
const MM_PER_INCH = 25.4;
const SIXTEENTHS = 16;

/** A small length as an American tape has it: `3/16 in`, `12 in`, `1 1/2 in`; to the nearest sixteenth, and never nothing. */
export function formatInches(mm: number): string {
  const all = Math.max(1, Math.round((mm / MM_PER_INCH) * SIXTEENTHS));
  const whole = Math.floor(all / SIXTEENTHS);
  let [top, bottom] = [all % SIXTEENTHS, SIXTEENTHS];
  while (top > 0 && top % 2 === 0) [top, bottom] = [top / 2, bottom / 2];
  const part = top === 0 ? '' : `${top}/${bottom}`;
  return `${[whole > 0 ? String(whole) : '', part].filter(Boolean).join(' ')} in`;
}
