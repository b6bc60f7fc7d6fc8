import { messages } from '../../../messages';

export const say = messages({
  assumedAt: (door: string) => `Assumed at ${door}`,
  nobodyEnteredStandsAldaba:
    'What nobody has entered stands at what Aldaba assumes, and every verdict that rests on it says so. Enter what was measured; a figure that is right is kept with Enter.',
  runBetween0500: 'A run between 0 and 500 m.',
  wiresEntered: (count: number) => `${count} wires entered.`,
  enterTheRun: 'enter the run',
  nothingDoorAssumedAny: 'Nothing at this door is assumed any more.',
  done: 'Done',
  cableRunEnclosureDoor: 'Cable run from the enclosure to the door',
  givesBelowWhereDevices: (count: number) =>
    `Gives ${count === 1 ? 'the length' : `all ${count} lengths`} below, by where the devices stand.`,
  enterIt: 'Enter it',
  assumed: 'Assumed',
  assumedEachWire: 'What is assumed of each wire',
  wire: 'Wire',
  fromTo: 'From – to',
  colour: 'Colour',
  size: 'Size',
  length: 'Length',
  keepWhatWasAssumed: 'keep what was assumed',
  allOfTheseAreRight: 'All of these are right',
  close: 'Close',
});
