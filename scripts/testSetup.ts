import fc from 'fast-check';
import { vi } from 'vitest';

/**
 * Before every test file. Properties are tried on the same cases each time, so that what fails once fails again; on other
 * ones with SEED set to a number, or to `new` for cases that nobody has seen (`npm run soak`).
 */
const wanted = process.env['SEED'];
fc.configureGlobal(wanted === 'new' ? {} : { seed: Number(wanted ?? 20_261_127) });

/** Waiting for something to come true ends after a minute, not a second: other steps run beside the tests. */
const { waitFor } = vi;
vi.waitFor = (check, options = 60_000) => waitFor(check, options);
