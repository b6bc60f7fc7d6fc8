/** Why a day cannot be read. */
export type DayFault = 'not-a-day' | 'which-day';

export type DayRead =
  { readonly ok: true; readonly day: string | null } | { readonly ok: false; readonly fault: DayFault };

/**
 * Reads a day: `2026-11-26`, `26.11.2026`, `26.11.26`, `26 Nov 2026`; between slashes only where the figures tell which is the month:
 * 11/12/2026 is a day in November or in December, and is asked about. Null for an empty cell.
 */
export function readDay(cell: string): DayRead {
  const word = cell.trim();
  if (word === '' || word === '—') return { ok: true, day: null };
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(word);
  if (iso) return made(iso[1]!, iso[2]!, iso[3]!);
  const dotted = /^(\d{1,2})\.\s*(\d{1,2})\.\s*(\d{4}|\d{2})$/.exec(word);
  if (dotted) return made(dotted[3]!, dotted[2]!, dotted[1]!);
  const named = /^(\d{1,2})\.?\s+(\p{L}+)\.?,?\s+(\d{4})$/u.exec(word);
  if (named) {
    const month = MONTHS.findIndex((names) => names.test(named[2]!)) + 1;
    return month > 0 ? made(named[3]!, String(month), named[1]!) : { ok: false, fault: 'not-a-day' };
  }
  const slashed = /^(\d{1,2})\/(\d{1,2})\/(\d{4})$/.exec(word);
  if (!slashed) return { ok: false, fault: 'not-a-day' };
  const [one, two] = [Number(slashed[1]), Number(slashed[2])];
  if (one === two || two > 12) return made(slashed[3]!, slashed[1]!, slashed[2]!);
  if (one > 12) return made(slashed[3]!, slashed[2]!, slashed[1]!);
  return { ok: false, fault: 'which-day' };
}

/** Months by their English and German names. */
const MONTHS = [
  /^jan/i,
  /^feb/i,
  /^(mar|mär|mae)/i,
  /^apr/i,
  /^(may|mai)/i,
  /^jun/i,
  /^jul/i,
  /^aug/i,
  /^sep/i,
  /^(oct|okt)/i,
  /^nov/i,
  /^(dec|dez)/i,
];

/** A day that is in the calendar. Years of two digits are of this century. */
function made(year: string, month: string, day: string): DayRead {
  const text = [year.length === 2 ? `20${year}` : year, month.padStart(2, '0'), day.padStart(2, '0')].join(
    '-',
  );
  const at = new Date(`${text}T00:00:00Z`);
  const real = !Number.isNaN(at.getTime()) && at.toISOString().slice(0, 10) === text;
  return real ? { ok: true, day: text } : { ok: false, fault: 'not-a-day' };
}
