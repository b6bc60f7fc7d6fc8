import { COLOURS, formatGauge, formatLength, type LengthUnit } from '../units/index';
import type { Assumable } from './assumable';
import type { Conductor } from './schemas/conductor';

/** Stands before a figure that nobody has entered, on drawings and in lists. */
export const ASSUMED_SIGN = '~';

type Shown = Pick<Conductor, 'length' | 'gauge' | 'colour' | 'assumed'>;
const sign = ({ assumed }: Shown, what: Assumable): string => (assumed.includes(what) ? ASSUMED_SIGN : '');

/** The length of a wire as it is written: `12 m`, or `~12 m` where nobody has entered it. */
export const shownLength = (wire: Shown, unit?: LengthUnit): string =>
  sign(wire, 'length') + formatLength(wire.length, unit);

/** The size of a wire as it is written. */
export const shownGauge = (wire: Shown): string => sign(wire, 'gauge') + formatGauge(wire.gauge);

/** The colour of a wire as it is written, by code and name. */
export const shownColour = (wire: Shown): string =>
  `${sign(wire, 'colour')}${wire.colour} ${COLOURS[wire.colour].name}`;
