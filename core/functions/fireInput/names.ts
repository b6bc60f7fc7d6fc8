import type { Naming } from '../naming';

export const fireInput: Naming<'fireInput'> = {
  blank: () => ({ kind: 'fireInput', input: 'fire', state: 'dropped', latchSetting: 'latch' }),
  inputs: ({ input }) => [[input, 'fire', null]],
  settings: ({ latchSetting, triggerSetting }) => [
    { key: 'latchSetting', id: latchSetting, values: ['latching'] },
    { key: 'triggerSetting', id: triggerSetting, values: ['NC', 'NO'] },
  ],
  states: ({ state }) => [[state, 'fire']],
};
