import type { Words } from '../text';

export const offlineLetsAllIn: Words = {
  title: () => 'Without the network every card of the site opens',
  reason: (v) =>
    `${v['tag']} is set to let in every card of the site while its network is lost: the leaver's, the lost one, the neighbour's. Whoever pulls the cable opens the door.`,
  remedy: (v) => `${v['tag']}: keep the last list`,
};
