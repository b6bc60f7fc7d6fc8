import type { Words } from '../text';

export const notWeatherproof: Words = {
  title: (v) => `${v['tag']} is not made for outdoors`,
  reason: (v) => `Its housing is ${v['ip']}; outdoors it needs IP44 or better.`,
};
