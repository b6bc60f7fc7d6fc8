import { messages } from '../../../messages';

export const say = messages({
  meter: 'Meter',
  keptBrowserEveryReading: 'Kept in this browser, and with every reading from now on.',
  kindNameStands: 'Kind and name, as it stands on it.',
  serialNumber: 'Serial number',
  keepIt: 'Keep it',
});
