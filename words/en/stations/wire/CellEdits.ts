import { messages } from '../../../messages';

export const say = messages({
  change: (wire: string) => `change ${wire}`,
  colourOf: (wire: string) => `Colour of ${wire}`,
  sizeOf: (wire: string) => `Size of ${wire}`,
  lengthOf: (wire: string) => `Length of ${wire}`,
  of: (label: string, wire: string) => `${label} of ${wire}`,
});
