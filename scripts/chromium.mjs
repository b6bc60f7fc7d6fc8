import { existsSync } from 'node:fs';

/** Debian's Chromium: the headless one starts and paints in about half the time of the one with windows. */
export const CHROMIUMS = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];

/** The browser that tests, pictures and benchmarks use: CHROMIUM, or whichever is here. */
export const chromiumPath = () =>
  process.env.CHROMIUM ?? CHROMIUMS.find((path) => existsSync(path)) ?? CHROMIUMS[0];
