/** What stands for an open circuit on the meter, ohms. */
const OPEN = 1e9;

const SCALES: Readonly<Record<string, number>> = { k: 1e3, M: 1e6, m: 1e-3, '': 1 };

/** Reads what a person writes off a meter: `13.1`, `13,1`, `0.47 A`, `70 mA`, `4.7k`, `OL`. Null for no number. */
export function parseReading(text: string): number | null {
  const plain = text.trim().replace(',', '.');
  if (/^(ol|o\.l\.?|open|∞)$/i.test(plain)) return OPEN;
  const match = /^(-?\d+(?:\.\d+)?)\s*([kKMm]?)\s*(?:V|A|Ω|ohms?|s)?$/i.exec(plain);
  if (!match) return null;
  const prefix = match[2] === 'K' ? 'k' : (match[2] ?? '');
  return Number(match[1]) * (SCALES[prefix] ?? 1);
}
