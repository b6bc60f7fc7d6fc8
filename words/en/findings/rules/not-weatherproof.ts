import type { Words } from '../text';

export const notWeatherproof: Words = {
  title: (v) => `${v['tag']} is not made for outdoors`,
  reason: (v) => `Its housing is ${v['ip']}; in the weather it takes IP44 or better.`,
};
