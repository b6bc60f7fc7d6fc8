import { messages } from '../../../messages';

export const say = messages({
  cause: 'Cause:',
  thingsTogether: (count: number) => `${count} things together:`,
  hideIt: 'Hide it',
  showOnTheLoop: 'Show on the loop',
  ofIt: (count: number) => `${count === 1 ? '1 finding comes' : `${count} findings come`} of it`,
  ofTheProof: (cells: number) => `${cells === 1 ? '1 cell' : `${cells} cells`} of the proof`,
  alsoPossible: 'Also possible.',
});
