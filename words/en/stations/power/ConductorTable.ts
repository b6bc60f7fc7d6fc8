import { messages } from '../../../messages';

export const say = messages({
  conductorsOf: (door: string) => `Conductors of ${door}`,
  conductorsOfThisDoor: 'Conductors of this door',
  wire: 'Wire',
  size: 'Size',
  length: 'Length',
  resistance: 'Resistance',
  current: 'Current',
  drop: 'Drop',
  sizeOf: (drop: string) => `Size of ${drop}`,
  sizeOf2: (drop: string) => `size of ${drop}`,
  lengthOf: (drop: string) => `Length of ${drop}`,
  lengthOf2: (drop: string) => `length of ${drop}`,
  mv: (volts: string) => `${volts} mV`,
  resistance20CIec: (formatLength: string) =>
    `Resistance at 20 °C: IEC 60228 class 5 for mm², ASTM B258 for AWG. Drop = current × resistance, in the busiest state. Total length ${formatLength}.`,
});
