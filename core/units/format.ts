import { areaOf, type Gauge } from './gauge';
import { METRES_PER_FOOT, OPEN_CIRCUIT } from './quantities';

/** Figures as people read them off a meter: units after a thin gap, digits that the meter would show. */
const NOTHING = '—';

/** `13.10 V`; `0 V` below five millivolts; a dash where the point floats. */
export function formatVolts(value: number | null): string {
  if (value === null || Number.isNaN(value)) return NOTHING;
  return Math.abs(value) < 0.005 ? '0 V' : `${value.toFixed(2)} V`;
}

/** `0.47 A`, `38 mA`, `0 A`. */
export function formatAmps(value: number | null): string {
  if (value === null || Number.isNaN(value)) return NOTHING;
  const size = Math.abs(value);
  if (size < 0.00005) return '0 A';
  if (size < 0.1) return `${(value * 1000).toFixed(size < 0.01 ? 1 : 0)} mA`;
  return `${value.toFixed(2)} A`;
}

/** `0.42 Ω`, `28 Ω`, `4.7 kΩ`, `1.0 MΩ`, `open` for an infinite one. */
export function formatOhms(value: number): string {
  if (!(value < OPEN_CIRCUIT)) return 'open';
  if (value >= 1e6) return `${(value / 1e6).toFixed(1)} MΩ`;
  if (value >= 1000) return `${(value / 1000).toFixed(value < 100_000 ? 1 : 0)} kΩ`;
  return `${value.toFixed(value < 10 ? 2 : 1)} Ω`;
}

/** `5.0 s`. */
export const formatSeconds = (ms: number): string => `${(ms / 1000).toFixed(1)} s`;

/** `7.5 h`; `no load` where nothing draws and it lasts for ever. */
export const formatHours = (hours: number): string =>
  Number.isFinite(hours) ? `${hours.toFixed(1)} h` : 'no load';

export type LengthUnit = 'm' | 'ft';

/** `14 m` or `46 ft`, one digit after the point below ten. */
export function formatLength(length: number, unit: LengthUnit = 'm'): string {
  const value = unit === 'm' ? length : length / METRES_PER_FOOT;
  return `${value < 10 && !Number.isInteger(value) ? value.toFixed(1) : Math.round(value)} ${unit}`;
}

/** `1.0 mm²` or `18 AWG`. */
export function formatGauge(gauge: Gauge): string {
  if (gauge.endsWith('AWG')) return `${gauge.slice(0, -3)} AWG`;
  const area = areaOf(gauge);
  return `${Number.isInteger(area) ? area.toFixed(1) : area} mm²`;
}
