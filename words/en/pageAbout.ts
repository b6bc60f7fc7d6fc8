import { texts } from '../messages';
/** What a page is about, beside its name where it is looked for. */
export const PAGE_ABOUT = texts({
  doors: 'every door in one table',
  supplies: 'what each supply feeds',
  release: 'zones, rooms, fire',
  sets: 'stations, addresses, terminators',
  people: 'cards, access levels, schedules, holidays',
  types: 'own devices, keypad languages, card formats',
  log: 'who changed what, and when',
  pack: 'print, import, export',
} as const);
