import type { Naming } from '../naming';

export const fireRelay: Naming<'fireRelay'> = {
  blank: () => ({ kind: 'fireRelay', state: 'alarm', latchSetting: 'latch' }),
  settings: ({ latchSetting, coilSetting }) => [
    { key: 'latchSetting', id: latchSetting, values: ['latching'] },
    { key: 'coilSetting', id: coilSetting, values: ['at-rest', 'on-alarm'] },
  ],
  states: ({ state }) => [[state, 'fire']],
};
