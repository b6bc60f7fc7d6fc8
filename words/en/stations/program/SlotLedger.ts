import { messages } from '../../../messages';

export const say = messages({
  nobodys: 'nobody’s',
  entry: 'entry',
  slot: 'slot',
  whatHolds: (tag: string) => `What ${tag} holds`,
  whatTheSimulatedHolds: (tag: string) => `What the simulated ${tag} holds`,
  asListed: 'as listed',
  toChange: (open: number) => `${open} to change`,
  noSlotUseNobody: 'No slot is in use, and nobody on the list has one.',
  slotsOfTheKeypad: 'Slots of the keypad',
  holds: 'holds',
  differs: 'differs',
  shallHold: 'should hold',
  nobodyRecordedHoldsTaken: (tag: string) =>
    `Nobody has recorded what ${tag} holds: it is taken to be as it left the factory.`,
  known: (dayWords: string) => `Known ${dayWords}.`,
  standsOtherSlotsNobody: 'What stands in the other slots nobody has looked at.',
  notKnown: 'not known',
});
