import { messages } from '../../../messages';

export const say = messages({
  thereIsADoorAlready: (wish: string) => `There is a door ${wish} already.`,
  numberMadeLettersDigits:
    'A number is made of letters, digits, spaces, _ and -, and begins with a letter or digit.',
  anotherNumberFor: (door: string) => `Another number for ${door}`,
  devicesWiresCablesPeople:
    'Devices, wires, cables, people, keypad memories and readings go along. Labels and drawings that are printed already keep the old one.',
  renumber: (door: string) => `renumber ${door}`,
  isNow: (door: string, wish: string) => `${door} is ${wish} now.`,
  number: 'Number',
  renumber2: 'Renumber',
});
