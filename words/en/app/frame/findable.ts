import { messages } from '../../../messages';

export const say = messages({
  door: (one: string, one2: string) => `door ${one} ${one2}`,
  unnamedDoor: 'Unnamed door',
  station: (station: string) => `station ${station}`,
  page: (page: string) => `page ${page}`,
  pageKeys: 'page keys',
  keyboardShortcuts: 'Keyboard shortcuts',
  person: (person: string, person2: string) => `person ${person} ${person2}`,
  device: (tag: string, device: string, type: string) => `device ${tag} ${device} ${type}`,
  wire: (wire: string, door: string, from: string, to: string) => `wire ${wire} ${door} ${from} ${to}`,
});
