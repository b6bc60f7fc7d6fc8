import { messages } from '../../../messages';

export const say = messages({
  wires: (n: number) => (n === 1 ? 'wire' : 'wires'),
  wireThisDoor: 'Wire this door',
  everyLoopHardwareAsks:
    'Every loop the hardware asks for, using the wiring methods chosen here. What you wired by hand stays as it is.',
  lengthBetween0500: 'A length between 0 and 500 m.',
  wireTheDoor: 'wire the door',
  cableRunEnclosureDoor: 'Cable run from the enclosure to the door',
  lengthsCablesFollowLeave: 'Lengths and cables follow from it. Leave it empty while nobody has measured it.',
  assumed: (formatLength: string) => `assumed ${formatLength}`,
  takesOut: 'removes',
  leavesAsTheyAre: 'leaves as they are',
  givesAnotherLengthSize: 'gives another length, size or cable to',
  keepsLaidByHand: (count: string) => ` Keeps ${count} wired by hand.`,
  to: (tag: string, setting: string, value: string | number) => `${tag} ${setting} to ${value}`,
  sets: (settings: string) => ` Sets ${settings}.`,
  takesOut2: 'Removes',
  lays: 'Adds',
  layTheWires: 'Add the wires',
  nothingChanges: 'Nothing changes.',
});
