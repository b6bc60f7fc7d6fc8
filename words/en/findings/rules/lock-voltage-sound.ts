import { volts, type Words } from '../text';

export const lockVoltageSound: Words = {
  title: () => 'Voltage at the lock',
  reason: (v) =>
    `${v['tag']}: ${volts(v, 'volts')}; lowest ${volts(v, 'measured')} on battery at cut-off. Needs ${volts(v, 'limit')}.`,
};
