import { celsius, ohms, type Celsius, type Metres, type Ohms } from './quantities';

/**
 * A conductor's size in canonical text: `0.75mm2` or `18AWG`. Text survives JSON and SQLite, and reads the
 * same in all three places.
 */
export type Gauge = string & { readonly unit: 'gauge' };

/**
 * Largest resistance of a flexible (class 5) plain copper conductor at 20 °C, in ohms per kilometre, by
 * cross-section in mm². Source: IEC 60228, table for class 5. Sizes below 0.5 mm² are outside that table and
 * follow from its own 0.5 mm² row (19.5 Ω·mm²/km).
 */
const CLASS_5_OHMS_PER_KM: Readonly<Record<string, number>> = {
  '0.5': 39.0,
  '0.75': 26.0,
  '1': 19.5,
  '1.5': 13.3,
  '2.5': 7.98,
  '4': 4.95,
  '6': 3.3,
};
const SMALL_WIRE_OHM_MM2_PER_KM = 19.5;

/** Temperature coefficient of copper's resistance at 20 °C, per kelvin. Source: IEC 60028. */
const COPPER_PER_KELVIN = 0.00393;
/** Resistivity of annealed copper at 20 °C, Ω·mm²/km. Source: IEC 60028 (1/58 Ω·mm²/m). */
const COPPER_OHM_MM2_PER_KM = 1000 / 58;
/** Stranding makes each strand longer than the wire; 2 % is the allowance used for AWG hook-up wire. */
const STRANDING = 1.02;

export const METRIC_SIZES = [0.22, 0.34, 0.5, 0.75, 1, 1.5, 2.5, 4] as const;
export const AWG_SIZES = [24, 22, 20, 18, 16, 14, 12] as const;

/** Canonical text of a cross-section in mm². */
export const mm2 = (area: number): Gauge => `${area}mm2` as Gauge;
/** Canonical text of an American wire gauge. */
export const awg = (size: number): Gauge => `${size}AWG` as Gauge;

/** Reads `1.0`, `0.75mm2`, `0.75 mm²`, `18AWG`, `18 awg`, `#18`. Null where it is not a size of wire. */
export function parseGauge(text: string): Gauge | null {
  const plain = text.trim().toLowerCase().replace('²', '2').replaceAll(/\s+/g, '');
  const american = /^(?:#(\d{1,2})|(\d{1,2})awg)$/.exec(plain);
  if (american) {
    const size = Number(american[1] ?? american[2]);
    return size >= 4 && size <= 30 ? awg(size) : null;
  }
  const metric = /^(\d+(?:\.\d+)?)(?:mm2)?$/.exec(plain);
  if (!metric) return null;
  const area = Number(metric[1]);
  return area >= 0.05 && area <= 16 ? mm2(area) : null;
}

/** Cross-section in mm². For AWG: d = 0.127 mm · 92^((36−n)/39), source ASTM B258. */
export function areaOf(gauge: Gauge): number {
  if (gauge.endsWith('mm2')) return Number(gauge.slice(0, -3));
  const size = Number(gauge.slice(0, -3));
  const diameter = 0.127 * 92 ** ((36 - size) / 39);
  return (Math.PI * diameter * diameter) / 4;
}

/** The wire gauge whose cross-section is nearest to this one, mm². From the same formula, solved for the size. */
export function nearestAwg(area: number): number {
  const diameter = Math.sqrt((4 * area) / Math.PI);
  return Math.round(36 - (39 * Math.log(diameter / 0.127)) / Math.log(92));
}

/**
 * Resistance of one conductor of this size and length at this temperature, R = R20·(1 + α·(t − 20)).
 * Never below 1 mΩ: even a short link has two joints.
 */
export function conductorResistance(gauge: Gauge, length: Metres, temperature: Celsius = celsius(20)): Ohms {
  const area = areaOf(gauge);
  const perKm = gauge.endsWith('mm2')
    ? (CLASS_5_OHMS_PER_KM[String(area)] ?? SMALL_WIRE_OHM_MM2_PER_KM / area)
    : (COPPER_OHM_MM2_PER_KM * STRANDING) / area;
  const cold = (perKm / 1000) * length;
  return ohms(Math.max(0.001, cold * (1 + COPPER_PER_KELVIN * (temperature - 20))));
}
