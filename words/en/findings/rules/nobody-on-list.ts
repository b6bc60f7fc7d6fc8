import type { Words } from '../text';

export const nobodyOnList: Words = {
  title: () => 'Nobody may open this door yet',
  reason: () => 'Add people to its list at Program.',
};
