import { messages } from '../../../messages';

export const say = messages({
  find: 'Find',
  doorDeviceWireOrPerson: 'Door, device, wire or person',
  nothingByThatName: 'Nothing by that name.',
  moreTypeMoreLetters: (more: number) => `${more} more: type more letters.`,
});
