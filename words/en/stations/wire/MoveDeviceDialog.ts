import { messages } from '../../../messages';

export const say = messages({
  theSite: 'the site',
  move: (tag: string) => `Move ${tag}`,
  settingsMemoryGoAlong: (wires: number) =>
    `Its settings, its memory and ${wires === 1 ? 'the wire' : `all ${wires} wires`} on it go along; wires keep the numbers of the door that they were made for.`,
  isAtNow: (tag: string, where: string, tag2: string) =>
    `${tag} is at ${where} now${tag2 === tag ? '' : `, as ${tag2}`}.`,
  moveTo: (tag: string, where: string) => `move ${tag} to ${where}`,
  to: 'To',
  chooseADoor: 'Choose a door…',
  siteBelongsNoDoor: 'The site: it belongs to no door',
  moveIt: 'Move it',
});
