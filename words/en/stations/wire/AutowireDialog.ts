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
  removes: (wires: string) => `removes ${wires}`,
  adds: (wires: string) => `adds ${wires}`,
  leaves: (wires: string) => `leaves ${wires} as they are`,
  changesSize: (wires: string) => `changes the length, size or cable of ${wires}`,
  keepsLaidByHand: (count: string) => ` Keeps ${count} that you added by hand.`,
  to: (tag: string, setting: string, value: string | number) => `${tag} ${setting} to ${value}`,
  sets: (settings: string) => ` Sets ${settings}.`,
  takesOut2: 'Removes',
  lays: 'Adds',
  layTheWires: 'Add the wires',
  nothingChanges: 'Nothing changes.',
});
