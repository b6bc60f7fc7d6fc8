import { describe, expect, it } from 'vitest';
import { POE_CLASSES } from '#core/devices/index';
import { LIBRARY } from '#core/devices/library/index';
import { poeWords } from './devices';

describe('what a device asks of its network port', () => {
  it('is said of each that its cable feeds, and of no other', () => {
    for (const type of LIBRARY) {
      const words = poeWords(type);
      expect(words === null, type.id).toBe(type.poe === undefined);
      if (type.poe) expect(words).toContain(`${POE_CLASSES[type.poe.class].portWatts} W`);
    }
  });
  it('is a figure of the class: more at the port than what arrives', () => {
    expect(poeWords({ poe: { class: 4 } })).toBe(
      'Fed by its network cable, class 4: the port must give 30 W; 25.5 W arrive after 100 m, for the device and all that it feeds.',
    );
    for (const { portWatts, deviceWatts } of Object.values(POE_CLASSES))
      expect(portWatts).toBeGreaterThan(deviceWatts);
  });
});
