import type { Words } from '../text';

export const offlineLetsAllIn: Words = {
  title: () => 'Without the network everybody with a card of the site is let in',
  reason: (v) =>
    `${v['tag']} is set to let in every card of the site while its network is lost: the leaver's, the lost one, the neighbour's. Whoever pulls the cable opens the door.`,
  remedy: (v) => `Let ${v['tag']} go on with its last list`,
};
