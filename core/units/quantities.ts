/**
 * Branded quantities. The brand costs nothing at run time: it only stops a length from being passed for a
 * voltage. Arithmetic drops the brand; re-brand a result before it leaves a function.
 */
type Quantity<Unit extends string> = number & { readonly unit: Unit };

/** Electrical potential difference, in volts. */
export type Volts = Quantity<'V'>;
/** Electric current, in amperes. */
export type Amps = Quantity<'A'>;
/** Resistance, in ohms. */
export type Ohms = Quantity<'Ω'>;
/** Power, in watts. */
export type Watts = Quantity<'W'>;
/** Length, in metres. */
export type Metres = Quantity<'m'>;
/** Time, in milliseconds. */
export type Millis = Quantity<'ms'>;
/** Temperature, in degrees Celsius. */
export type Celsius = Quantity<'°C'>;
/** Charge of a battery, in ampere-hours. */
export type AmpHours = Quantity<'Ah'>;

export const volts = (value: number): Volts => value as Volts;
export const amps = (value: number): Amps => value as Amps;
export const ohms = (value: number): Ohms => value as Ohms;
export const watts = (value: number): Watts => value as Watts;
export const metres = (value: number): Metres => value as Metres;
export const millis = (value: number): Millis => value as Millis;
export const celsius = (value: number): Celsius => value as Celsius;
export const ampHours = (value: number): AmpHours => value as AmpHours;

/** How an open circuit is kept among resistances, ohms: beyond what any meter shows. */
export const OPEN_CIRCUIT = ohms(1e9);

/** International foot, exact by definition: 0.3048 m. */
export const METRES_PER_FOOT = 0.3048;
