import { messages } from '../../../messages';

export const say = messages({
  notEarthed: 'not earthed',
  earthAtEnclosure: 'earth at enclosure',
  earthAtDoor: 'earth at door',
  earthAtBothEnds: 'earth at both ends',
  noCablesYet: 'No cables yet',
  theyFollowWiresLay: 'They follow from the wires: add some, or let Aldaba wire the door.',
  pullSchedule: 'Pull schedule',
  labels: 'Labels',
  print: 'Print',
  singleLinksNoCable: (count: number, single: string) =>
    `${count} single ${count === 1 ? 'wire' : 'wires'} and links in no cable: ${single}.`,
  cutList: 'Cut list',
  lengthsToCut: 'Lengths to cut',
  make: 'Make',
  piecesLongestFirst: 'Pieces, longest first',
  total: 'Total',
  toBuy: 'To buy',
  whatToBuy: 'What to buy',
  count: 'Count',
  what: 'What',
  forWord: 'For',
  changeCable: (row: string) => `change cable ${row}`,
  cable: (row: string) => `Cable ${row}`,
  to: (from: string, to: string) => `${from} to ${to}`,
  runCut: (formatLength: string, formatLength2: string) => `run ${formatLength}, cut ${formatLength2}`,
  makeNotChosen: 'make not chosen',
  screen: 'Screen',
  to2: 'to',
  spareCutCappedEach: (spare: number) =>
    `${spare} spare ${spare === 1 ? 'core' : 'cores'}: cut and capped each on its own`,
  labelsOf: (door: string) => `Labels of ${door}`,
  labelsTwoEachWire: (count: number) =>
    `${count} labels, two for each wire: its number, where it lands, and where it goes.`,
  to3: (there: string) => `to ${there}`,
  printTheLabels: 'Print the labels',
});
