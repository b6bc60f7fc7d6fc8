import { messages } from '../../../messages';

export const say = messages({
  ps1Supply12vK1:
    'PS1  supply-12v\nK1  keypad-slots\nPS1.+V  K1.+12  RD  0.5  14m\nPS1.0V  K1.0V  BK  0.5  14m',
  asTheyAre: 'as they are',
  takeInATable: 'import a table',
  takeTableWires: 'Import a table of wires',
  oneWireRowColour:
    'One wire a row: from, to, colour, size, length, cable, in any order under headings of their own, or in this one without. A row of a tag and a device type adds a device.',
  wiresAsFound: 'Wires as found',
  readFileCsvTsv: 'or read a file (CSV, TSV, text)',
  nothingToDoYet: 'Nothing to do yet',
  cannotReadStayHere: (faults: number) =>
    ` · ${faults} ${faults === 1 ? 'row' : 'rows'} cannot be read and stay here`,
  figuresAreWritten: 'Figures are written',
  n0751200: '0.75 and 1,200: a point before the parts',
  n07512002: '0,75 and 1.200: a comma before the parts',
  whatEachRowDoes: 'What each row does',
  rowsAsTheyWereRead: 'Rows as they were read',
  line: 'Line',
  door: 'Door',
  whatItDoes: 'What it does',
  readAs: 'Read as',
  colour: 'Colour',
  size: 'Size',
  length: 'Length',
  takeItIn: 'Import it',
  adds: (tag: string, outcome: string) => `adds ${tag}: ${outcome}`,
  laysTo: (outcome: string, from: string, to: string) => `adds ${outcome}, ${from} to ${to}`,
  changes: (outcome: string, what: string) => `changes ${outcome}: ${what}`,
  isAsItIs: (outcome: string) => `${outcome} is as it is`,
  bothWaysTableChoose: 'Both ways in this table: choose one',
  tableTellsNothingTell: 'As the table tells (nothing to tell by)',
  tableTells075: 'As the table tells: 0.75',
  tableTells0752: 'As the table tells: 0,75',
  notInTheTable: 'Not in the table',
  assumed: (shown: string) => `${shown} assumed`,
});
