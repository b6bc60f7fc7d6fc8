import { messages } from '../../../messages';

export const say = messages({
  functionWord: (label: string) => `Function ${label}`,
  oneMoreDoor: 'One more door',
  oneDoorLess: 'One door less',
  remove: (label: string) => `Remove ${label}`,
  nothingItselfOnlyConducts: 'Nothing by itself: it only conducts.',
  addWhatItDoes: 'Add what it does',
  addWhatItDoes2: 'Add what it does…',
});
