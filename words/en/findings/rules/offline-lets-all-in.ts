import type { Words } from '../text';

export const offlineLetsAllIn: Words = {
  title: () => 'Without the network every card of the site opens',
  reason: (v) =>
    `${v['tag']} is set to let in every card of the site while its network is down: a leaver’s, a lost one, a neighbour’s. Pulling the network cable opens the door to all of them.`,
  remedy: (v) => `${v['tag']}: keep the last list`,
};
