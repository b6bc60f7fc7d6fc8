import { messages } from '../../../messages';

export const say = messages({
  record: (tag: string) => `record ${tag}`,
  recordedHoldsThis: (tag: string) => `Recorded: ${tag} holds this.`,
  finger: (person: string, index: number) => `${person}, finger ${index}`,
  codesKeySheetShown: (door: string, tag: string) => `codes of the key sheet of ${door} ${tag} shown`,
  keySheetOpenedCodes: (door: string, tag: string) => `key sheet of ${door} ${tag} opened, with its codes`,
  doorLineLine: 'At the door, line by line',
  keyingIn: 'Keying in…',
  keyIntoSimulatedOne: 'Key it into the simulated one',
  theSheetOnPaper: 'The sheet on paper',
  print: 'Print',
  withoutCodes: 'Without codes',
  codesWhoeverPaperCan: 'With codes: whoever has the paper can open',
  keySheetPrintedCodes: (door: string, tag: string) => `key sheet of ${door} ${tag} printed with codes`,
  programmingCode: 'Programming code it is to have',
  digits: (least: number) => `${least} digits.`,
  toDigits: (least: number, most: number) => `${least} to ${most} digits.`,
  factoryCodeChangeFirst:
    'This is the factory code: change it first, and keep it out of everyone else’s hands.',
  elseStandsNobodyKnows: (tag: string) =>
    `What else stands in ${tag} nobody knows: a code of a stranger may open.`,
  lookOtherSlotsReset: ' Look at its other slots, or reset it as its leaflet says.',
  wipeEverybodyFirstKey: 'Erase all users first, and key the list in again',
  enterAsFound: 'Enter as found',
  recordDoorHolds: (tag: string) => `Record that ${tag} at the door holds this`,
  simulatedKeypadHoldsRecorded: 'The simulated keypad holds what is recorded.',
  takeSimulatedOneBack: 'Reset the simulated one to what is recorded',
  simulatedKeypadLeftFactory: 'The simulated keypad is as it left the factory.',
  factoryResetTheSimulatedOne: 'Factory reset the simulated one',
});
