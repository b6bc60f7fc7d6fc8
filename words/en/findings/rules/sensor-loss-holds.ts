import type { Words } from '../text';

export const sensorLossHolds: Words = {
  title: (v) => `${v['tag']} holds the door when it loses its power`,
  reason: (v) =>
    `People leave by ${v['tag']}, and with its feed cut the lock stays locked, or locks again. Where this site is, a lock that a sensor releases is usually asked to let go when the sensor loses its power. Use a sensor whose relay is energised at rest, with a pole in the lock power. Ask whoever decides there.`,
};
