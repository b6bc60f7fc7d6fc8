import {
  formatAmps,
  formatLength,
  formatOhms,
  formatVolts,
  type Asked,
  type QuantityFault,
} from '#core/units/index';
import { spoken } from '../messages';

/** What is asked for, as a person says it. */
const WANTED: Readonly<Record<Asked, string>> = {
  Ω: 'ohms',
  V: 'volts',
  A: 'amps',
  s: 'seconds',
  m: 'a length',
};

/** How each is written. */
const EXAMPLE: Readonly<Record<Asked, string>> = {
  Ω: '0.4, 4.7k or OL',
  V: '13.1 or 230 mV',
  A: '0.47 or 470 mA',
  s: '5 or 5.2 s',
  m: '14 m or 46 ft',
};

/** A figure with the unit it is asked for in. */
export const figureWords = spoken((value: number, asked: Asked): string => {
  switch (asked) {
    case 'Ω':
      return formatOhms(value);
    case 'V':
      return formatVolts(value);
    case 'A':
      return formatAmps(value);
    case 'm':
      return formatLength(value);
    case 's':
      return `${value.toFixed(1)} s`;
  }
});

/** Why what was typed is not kept, and what to write instead. */
export const quantityFaultWords = spoken(function quantityFaultWords(
  fault: QuantityFault,
  asked: Asked,
): string {
  const wanted = WANTED[asked];
  switch (fault.kind) {
    case 'empty':
      return `Enter ${wanted}: ${EXAMPLE[asked]}.`;
    case 'not-a-number':
      return `Not a figure. Write ${EXAMPLE[asked]}.`;
    case 'ambiguous':
      return `${fault.one} or ${fault.other}? Write it without a sign between thousands, or with another digit.`;
    case 'other-quantity':
      return `${fault.unit} is ${fault.of}; ${wanted} ${asked === 'm' ? 'is' : 'are'} asked for here.`;
    case 'unknown-unit':
      return `“${fault.unit}” is no unit of ${wanted}. Write ${EXAMPLE[asked]}.`;
    case 'unit-missing':
      return `“${fault.prefix}” alone does not say enough. Write ${EXAMPLE[asked]}.`;
    case 'open-not-here':
      return `Open circuit is a reading in ohms; ${wanted} are asked for here.`;
    case 'out-of-range':
      return `Out of range: ${figureWords(fault.least, asked)} to ${figureWords(fault.most, asked)}.`;
  }
});
