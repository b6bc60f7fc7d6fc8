import type { Words } from '../text';

export const twoMotions: Words = {
  title: () => 'It takes two motions to leave',
  reason: (v) =>
    `The lock needs ${v['tag']}, and a latch beside it needs the handle. On a way out, one motion is usually asked: let the handle or bar release the lock with a contact of its own, release it with a sensor that sees people come, or do without the latch. Ask whoever decides there.`,
};
