import type { Words } from '../text';

export const releaseKills: Words = {
  title: (v) => `The fire release puts ${v['tag']} out as well`,
  reason: (v) =>
    `${v['tag']} hangs on what the release interrupts. It should take the lock's power and nothing else: whoever is still inside may have to call, and the alarm has to go on telling.`,
};
