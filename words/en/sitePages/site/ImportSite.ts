import { messages } from '../../../messages';

export const say = messages({
  serverDoesNotAnswer: 'The server does not answer. Nothing was imported.',
  takeASiteIn: 'Import a site',
  chooseAldabaFileRead:
    'Choose an Aldaba file: it is read and summed up first. It becomes a site of its own; nothing here is overwritten.',
  aldabaFile: 'Aldaba file',
  readingTheFile: 'Reading the file',
  doorsDevicesWiresPeople: (
    doors: number,
    devices: number,
    wires: number,
    people: number,
    codes: number,
    keypads: number,
    readings: number,
  ) =>
    `: ${doors} doors, ${devices} devices, ${wires} wires, ${people} people (${codes} with a code), ${keypads} keypad memories, ${readings} readings.`,
  siteIdHereAlready: ' A site with this id is here already: the file comes in beside it.',
  readOtherwiseThanWritten: 'Read otherwise than it is written:',
  readOtherwise: 'Read otherwise',
  isNotUsedAnyMore: 'is not used any more',
  isReadAs: (is: string) => `is read as “${is}”`,
  takeItIn: 'Import it',
  problemsInTheFile: 'Problems in the file',
});
