import { lazily } from '../../parts/lazily';

/** Sets of hardware to begin with, for an empty door only. */
export const HardwareChoice = lazily(async () => (await import('./HardwareChoice')).HardwareChoice);
