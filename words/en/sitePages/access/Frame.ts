import { messages } from '../../../messages';

export const say = messages({
  frameFirstBitLeaves: (bits: string) => `Frame ${bits}, the first bit leaves first`,
  bit: (index: number, kind: string) => `Bit ${index}, ${kind}`,
  parity: 'parity',
  facility: 'facility',
  number: 'number',
  theSameOnEveryCard: 'the same on every card',
});
