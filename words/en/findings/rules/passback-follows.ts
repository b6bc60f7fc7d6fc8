import type { Words } from '../text';

export const passbackFollows: Words = {
  title: (v) => `One card at ${v['tag']} lets several in`,
  reason: () =>
    `Once somebody is through and the leaf is closed, the lock stays released for the rest of its time, and the next one comes in on no card at all: anti-passback notices nothing. Set it to relock when the door closes, or as it opens.`,
};
