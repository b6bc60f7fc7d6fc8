import { messages } from '../../../messages';

export const say = messages({
  change: (wire: string) => `change ${wire}`,
  wire: (wire: string) => `Wire ${wire}`,
  colour: 'Colour',
  size: 'Size',
  length: 'Length',
  anAddressThatLeadsHere: 'An address that leads here',
  link: 'Link',
  mend: 'Repair',
  cut: 'Cut',
  remove: 'Remove',
  close: 'Close',
});
