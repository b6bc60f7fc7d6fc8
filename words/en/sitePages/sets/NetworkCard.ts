import { messages } from '../../../messages';

export const say = messages({
  network: 'Network',
  networkDevices: 'Network devices',
  noteAddressHardwareNumber:
    'Note the address and the hardware number from the screen or the label before the cover goes on.',
  devicesInTheNetwork: 'Devices in the network',
  device: 'Device',
  what: 'What',
  address: 'Address',
  hardwareNumberMac: 'Hardware number (MAC)',
  set: (tag: string) => `set ${tag}`,
  takenTwice: 'taken twice',
});
