/**
 * Classes of a device fed over its network cable, by the watts that are left for it at the end of 100 m of cable, and those that a
 * port must give for it. Source: IEEE 802.3af (1 to 3), at (4), bt (5 to 8).
 */
export const POE_CLASSES = {
  1: { deviceWatts: 3.84, portWatts: 4 },
  2: { deviceWatts: 6.49, portWatts: 7 },
  3: { deviceWatts: 12.95, portWatts: 15.4 },
  4: { deviceWatts: 25.5, portWatts: 30 },
  5: { deviceWatts: 40, portWatts: 45 },
  6: { deviceWatts: 51, portWatts: 60 },
  7: { deviceWatts: 62, portWatts: 75 },
  8: { deviceWatts: 71.3, portWatts: 90 },
} as const;

export type PoeClass = keyof typeof POE_CLASSES;
