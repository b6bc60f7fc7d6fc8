import { messages } from '../../../messages';

export const say = messages({
  formatsOfThisSite: 'Formats of this site',
  describeAFormat: 'Describe a format',
  formatsComeAlongOnly:
    'Of the formats that come along only the 26 bits are an open one that readers everywhere send; the longer ones are Aldaba’s own examples. What your cards send is described here, and found by two cards in hand.',
  bits: (bits: number) => `${bits} bits`,
  change: 'Change',
  remove: (format: string) => `remove ${format}`,
  remove2: 'Remove',
});
