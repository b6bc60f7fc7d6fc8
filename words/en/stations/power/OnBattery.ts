import { messages } from '../../../messages';

export const say = messages({
  onBattery: 'On battery',
  stillHoldsAfterH: (hours: number) => `still holds after ${hours} h`,
  holdsHNewBattery: (hours: number) => `holds for ${hours} h with a new battery`,
});
