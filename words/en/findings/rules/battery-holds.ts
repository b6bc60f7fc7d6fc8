import type { Words } from '../text';

export const batteryHolds: Words = {
  title: (v) =>
    v['wanted'] === 'yes'
      ? `The battery keeps ${v['tag']} locked`
      : `Without mains the battery keeps ${v['tag']} locked`,
  reason: (v) =>
    v['wanted'] === 'yes'
      ? `It should unlock when mains is lost, and releases only when the battery is empty. Feed ${v['tag']} from a supply without a battery, or through a relay that drops out with the mains.`
      : `People leave by this door, and it releases only on request or when the battery is empty. Some codes want it unlocked as soon as mains is lost: ask the authority in charge.`,
};
