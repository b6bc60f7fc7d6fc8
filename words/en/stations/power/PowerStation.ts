import { messages } from '../../../messages';

export const say = messages({
  noSupplyYet: 'No supply yet',
  chooseHardwareWireCurrents:
    'Choose hardware at Wire. Its currents, voltages and battery hours then stand here.',
});
