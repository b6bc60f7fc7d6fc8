import type { Words } from '../text';

export const releaseKills: Words = {
  title: (v) => `The fire release cuts ${v['tag']} as well`,
  reason: (v) =>
    `${v['tag']} is fed through what the release interrupts. It should cut the lock power and nothing else: people still inside may have to call, and the alarms must keep working.`,
};
