import type { Words } from '../text';

export const factoryCode: Words = {
  title: (v) => `${v['tag']} still has its factory code`,
  reason: () => 'Anybody with the leaflet can program it. Change the programming code first.',
};
