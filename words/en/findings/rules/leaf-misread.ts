import type { Words } from '../text';

export const leafMisread: Words = {
  title: (v) => `${v['tag']}.${v['terminal']} reads open as soon as the lock releases`,
  reason: () =>
    'Something in the door contact’s loop opens with the lock, so the input reads open while the door is closed: relock on closing does not work, and forced and held alarms come falsely. Land the lock’s own contact on an input of its own, or leave it off.',
};
