import type { Words } from '../text';

export const addressOfOtherDoor: Words = {
  title: (v) => `${v['tag']} answers for another door`,
  reason: (v) =>
    `Address ${v['measured']} belongs to the controller’s other door: a card here opens there. Odd for its first door, even for its second.`,
  remedy: () => 'Give an address of this door',
};
