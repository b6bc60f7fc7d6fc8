import { buildIfNeeded, install, run } from './prepare.mjs';
import { serve } from './serve.mjs';

/** `npm run demo`: installs, builds, migrates, seeds the Quillhaven Archive and starts. */
const data = process.env.ALDABA_DATA ?? 'data/demo.db';
install();
buildIfNeeded();
run(process.execPath, ['--import', 'tsx', 'scripts/seed.ts'], { env: { ALDABA_DATA: data } });
await serve({ ALDABA_DATA: data });
