import { messages } from '../../../messages';

export const say = messages({
  asTheyAre: 'as they are',
  takeListPeople: 'import a list of people',
  takeListPeople2: 'Import a list of people',
  onePersonRowUnder:
    'One person a row under headings: name, group, role, levels, doors, card, code, first day, last day, in any order. Who is there already is known by the name, or by an id.',
  people: 'People',
  readFileCsvTsv: 'or read a file (CSV, TSV, text)',
  noHeadingNamesPerson:
    'No heading names a person: the first row must hold “name”, or “first name” and “last name”.',
  nothingToDoYet: 'Nothing to do yet',
  cannotReadStayHere: (faults: number) =>
    ` · ${faults} ${faults === 1 ? 'row' : 'rows'} cannot be read and stay here`,
  whatEachRowDoes: 'What each row does',
  rowsAsTheyWereRead: 'Rows as they were read',
  line: 'Line',
  whatItDoes: 'What it does',
  takeItIn: 'Import it',
});
