import { build, install, run } from './prepare.mjs';
import { serve } from './serve.mjs';

/** `npm run demo`: installs, builds, migrates, seeds the Quillhaven Archive and starts. */
const data = process.env.ALDABA_DATA ?? 'data/demo.db';
install();
console.log('Building...');
build();
run('npx', ['tsx', 'scripts/seed.ts'], { env: { ALDABA_DATA: data } });
await serve({ ALDABA_DATA: data });
