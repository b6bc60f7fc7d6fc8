import type { PersonFault, PersonField, PersonRow } from '#core/formats/table/peopleRows';
import { spoken } from '../messages';

const FIELD_WORDS: Readonly<Record<PersonField, string>> = {
  name: 'name',
  role: 'role',
  doors: 'doors',
  group: 'group',
  levels: 'levels',
  from: 'first day',
  until: 'last day',
  code: 'code',
  cards: 'cards',
  fingers: 'fingers',
  phone: 'phone',
};

function faultWords(fault: PersonFault): string {
  switch (fault.code) {
    case 'no-name':
      return 'nobody is named';
    case 'unknown-level':
      return `there is no level “${fault.word}”`;
    case 'unknown-door':
      return `there is no door “${fault.word}”`;
    case 'unknown-id':
      return `nobody has the id “${fault.word}”`;
    case 'bad-card':
      return `“${fault.word}” is no card: facility and number, such as 71-2004; several parted by a semicolon`;
    case 'bad-code':
      return 'the code is not up to eight digits';
    case 'bad-day':
      return fault.fault === 'which-day'
        ? `“${fault.word}” may be two days: write 2026-12-31 or 31.12.2026`
        : `“${fault.word}” is no day: write 2026-12-31`;
    case 'days-crossed':
      return 'the last day is before the first';
    case 'which-person':
      return `“${fault.word}” is more than one person: give an id`;
  }
}

/** What a row of a list would do. */
export const personOutcomeWords = spoken(function personOutcomeWords(outcome: PersonRow['outcome']): string {
  switch (outcome.kind) {
    case 'new':
      return `adds ${outcome.name}`;
    case 'changed':
      return `changes ${outcome.name}: ${outcome.what.map((field) => FIELD_WORDS[field]).join(', ')}`;
    case 'same':
      return `${outcome.name} is as they are`;
    case 'fault':
      return faultWords(outcome.fault);
  }
});
