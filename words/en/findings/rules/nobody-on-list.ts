import type { Words } from '../text';

export const nobodyOnList: Words = {
  title: () => 'Nobody may open this door yet',
  reason: () => 'Put people on its list at Program.',
};
