import type { Naming } from '../naming';

export const link: Naming<'link'> = {
  blank: () => ({ kind: 'link', lostSetting: 'offline' }),
  settings: ({ lostSetting, lockdownSetting }) => [
    { key: 'lostSetting', id: lostSetting, values: ['keeps'] },
    { key: 'lockdownSetting', id: lockdownSetting, values: ['ignores', 'heeds'] },
  ],
};
