import { messages } from '../../../messages';

export const say = messages({
  aSlotFromTo: (first: number, last: number) => `A slot from ${first} to ${last}.`,
  hasThisSlot: (owner: string) => `${owner} has this slot.`,
  change: (next: string) => `change ${next}`,
  add: (next: string) => `add ${next}`,
  someoneWhoOpens: (door: string) => `Someone who opens ${door}`,
  name: 'Name',
  aNameIsNeeded: 'A name is needed.',
  role: 'Role',
  administratorsProgramKeypadKeep: 'Administrators program the keypad: keep them few.',
  opensDoors: 'User',
  administers: 'Administrator',
  slotIn: (tag: string) => `Slot in ${tag}`,
  fingersToReadIn: 'Fingers to read in',
  theyReadEachItself: (tag: undefined | string) => `They are read at ${tag}, each by itself.`,
  number010: 'A number from 0 to 10.',
  keep: 'Keep',
});
