import { messages } from '../../../messages';

export const say = messages({
  itOpens: 'it opens',
  itStaysShut: 'it stays locked',
  whatHappensAndWhen: 'What happens, and when',
  at: 'At',
  whatHappens: 'What happens',
  shouldTheLeafOpen: 'Should the leaf open?',
  takeOut: 'Remove',
  momentOf: (index: number, name: string) => `Moment of ${index}, ${name}`,
  shouldTheLeafOpenAt: (index: number) => `Should the leaf open at ${index}?`,
  takeOut2: (index: number, name: string) => `Remove ${index}, ${name}`,
  nothingHappensYetAdd: 'Nothing happens yet. Add the first thing.',
  addSomethingThatHappens: 'Add something that happens',
  addWhatHappens: 'Add what happens…',
  people: 'People',
  emergencies: 'Emergencies',
  powerAndFaults: 'Power and faults',
  seconds: (label: string) => `${label}, seconds`,
  secondsFrom0To86400: 'Seconds from 0 to 86400.',
});
