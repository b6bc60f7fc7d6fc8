import type { Naming } from '../naming';

export const fireRelay: Naming<'fireRelay'> = {
  blank: () => ({ kind: 'fireRelay', state: 'alarm', latchSetting: 'latch' }),
  settings: ({ latchSetting }) => [{ key: 'latchSetting', id: latchSetting, values: ['latching'] }],
  states: ({ state }) => [[state, 'fire']],
};
