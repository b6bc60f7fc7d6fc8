import type { Leaflet } from '#core/plan/index';

/** Parts of a leaflet as short texts, both ways: what is typed is what a leaflet says, not a form of its fields. */

/** `1 2 3 / 4 5 6`. */
export const keysText = (keys: Leaflet['keys']): string => keys.map((row) => row.join(' ')).join(' / ');
export const keysOf = (text: string): string[][] =>
  text
    .split('/')
    .map((row) => row.split(/\s+/).filter(Boolean))
    .filter((row) => row.length > 0);

/** `▲ ▼ OK BACK 4`: the keys that move, choose and go back, and how many lines it shows; nothing where there is no screen. */
export const screenText = (screen: Leaflet['screen']): string =>
  screen ? [screen.up, screen.down, screen.ok, screen.back, screen.rows].join(' ') : '';
export function screenOf(text: string): Leaflet['screen'] | undefined {
  const words = text.split(/\s+/).filter(Boolean);
  const [up, down, ok, back, rows = '4', ...more] = words;
  if (words.length === 0) return null;
  if (up === undefined || down === undefined || ok === undefined || back === undefined) return undefined;
  return more.length > 0 || !/^\d{1,2}$/.test(rows) ? undefined : { up, down, ok, back, rows: Number(rows) };
}

/** `6`, `4-8`. */
export const lengthText = ({ least, most }: Leaflet['code']): string =>
  least === most ? String(least) : `${least}-${most}`;
export function lengthOf(text: string): Leaflet['code'] | null {
  const [, least, most] = /^\s*(\d{1,2})\s*(?:[-–]\s*(\d{1,2})\s*)?$/.exec(text) ?? [];
  return least === undefined ? null : { least: Number(least), most: Number(most ?? least) };
}

/** `001-999`: how many digits a slot is keyed with is how many are written; nothing where it keeps a list. */
export const slotsText = (slots: Leaflet['slots']): string => {
  if (!slots) return '';
  const padded = (slot: number) => String(slot).padStart(slots.digits, '0');
  return `${padded(slots.first)}-${padded(slots.last)}`;
};
export function slotsOf(text: string): Leaflet['slots'] | undefined {
  if (text.trim() === '') return null;
  const [, first, last] = /^\s*(\d{1,5})\s*[-–]\s*(\d{1,5})\s*$/.exec(text) ?? [];
  if (first === undefined || last === undefined) return undefined;
  return { first: Number(first), last: Number(last), digits: Math.max(first.length, last.length) };
}

/** `3: 4711; 4: card 12; 5:` — a slot with nothing behind it holds nothing. */
export const holdsText = (holds: Leaflet['examples'][number]['holds']): string =>
  Object.entries(holds)
    .map(([slot, held]) => `${slot}: ${held}`.trim())
    .join('; ');
export function holdsOf(text: string): Record<string, string> | null {
  const held: Record<string, string> = {};
  for (const part of text.split(';').filter((one) => one.trim() !== '')) {
    const [, slot, content] = /^\s*0*(\d{1,5})\s*:\s*(.*?)\s*$/.exec(part) ?? [];
    if (slot === undefined) return null;
    held[slot] = content ?? '';
  }
  return held;
}

/** `4711, 0000`. */
export const codesText = (codes: readonly string[]): string => codes.join(', ');
export const codesOf = (text: string): string[] => text.split(/[\s,;]+/).filter(Boolean);
