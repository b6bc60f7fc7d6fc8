import type { Naming } from '../naming';

export const interlock: Naming<'interlock'> = {
  blank: () => ({ kind: 'interlock', usedSetting: 'interlock' }),
  settings: ({ usedSetting, clearSetting, exitsSetting }) => [
    { key: 'usedSetting', id: usedSetting, values: ['on'] },
    { key: 'clearSetting', id: clearSetting },
    { key: 'exitsSetting', id: exitsSetting, values: ['wait', 'pass'] },
  ],
};
