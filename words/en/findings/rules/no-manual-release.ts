import type { Words } from '../text';

export const noManualRelease: Words = {
  title: (v) => `Nothing inside cuts the lock’s own power for ${v['seconds']} s`,
  reason: (v) =>
    `${
      v['tag']
        ? `With every controller stopped, ${v['tag']} frees the door for ${Number(v['lasts']) < 10 ? Number(v['lasts']).toFixed(1) : Math.round(Number(v['lasts']))} s.`
        : 'With every controller stopped, nothing inside frees the door.'
    } Where this site is, a magnet on the way out usually needs a push button beside the door that opens the lock’s power by itself for at least ${v['seconds']} s, whatever the access control does. Use a button with its own timer and a pole in the lock power, or a break glass. Ask whoever decides there.`,
  remedy: (v) => `Set ${v['tag']} for ${v['seconds']} s`,
};
