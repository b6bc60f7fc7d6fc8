import { messages } from '../../../messages';

export const say = messages({
  outside: 'Outside',
  inside: 'Inside',
  inTheFrame: 'In the frame',
  aboveTheDoor: 'Above the door',
  inTheEnclosure: 'In the enclosure',
  addADevice: 'Add a device',
  moreFor: (tag: string) => `More for ${tag}`,
  anotherTypeInItsPlace: 'Another type in its place…',
  moveToAnotherDoor: 'Move to another door…',
  remove: (tag: string) => `Remove ${tag}`,
  removeItAndItsWires: 'Remove it and its wires',
  withWord: (wires: number) => ` with ${wires} ${wires === 1 ? 'wire' : 'wires'}`,
  remove2: (tag: string) => `remove ${tag}`,
  removed: (tag: string, along: string) => `${tag} removed${along}.`,
  versionTypeKeepsVersion: (version: number, tag: string, version2: number) =>
    `Version ${version} of this type is there; ${tag} keeps version ${version2}.`,
  seeWhatChanges: 'See what changes',
  place: 'Place',
  move: (tag: string) => `move ${tag}`,
  leaf: 'Leaf',
  atTheLeaf: (tag: string, isN2: boolean) => `${tag} at the ${isN2 ? 'second' : 'first'} leaf`,
  first: 'first',
  second: 'second',
  set: (tag: string) => `set ${tag}`,
  terminalsOf: (tag: string) => `Terminals of ${tag}`,
  ofConductors: (tag: string, terminal: string, count: number, maxConductors: number) =>
    `${tag}.${terminal}, ${count} of ${maxConductors} conductors`,
  call: (tag: string, tag2: string) => `call ${tag} ${tag2}`,
  tagOf: (tag: string) => `Tag of ${tag}`,
});
