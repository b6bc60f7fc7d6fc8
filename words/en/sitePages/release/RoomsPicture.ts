import { messages } from '../../../messages';

export const say = messages({
  out: '✓ out',
  shut: '✕ locked',
  oneDoorAway: 'one door away',
  doors: (n: number) => `${n} doors`,
  rooms: (title: string) => `Rooms: ${title}`,
  roomsAndDoors: (title: string) => `Rooms and doors, ${title}`,
  noDoorLeadsThere: 'no door leads there',
  enteredFromOutside: ', entered from outside',
  openFromOutside: 'open from outside',
});
