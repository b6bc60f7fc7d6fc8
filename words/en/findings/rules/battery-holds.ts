import type { Words } from '../text';

export const batteryHolds: Words = {
  title: (v) =>
    v['wanted'] === 'yes'
      ? `The battery keeps ${v['tag']} held`
      : `Without mains the battery keeps ${v['tag']} held`,
  reason: (v) =>
    v['wanted'] === 'yes'
      ? `It is to be free when mains is lost, and lets go only when the battery is empty. Feed ${v['tag']} from a supply without one, or behind a relay that drops with the mains.`
      : `People leave by this door, and it lets go only when they ask or the battery is empty. Some rules want it free as soon as mains is lost: ask whoever decides there.`,
};
