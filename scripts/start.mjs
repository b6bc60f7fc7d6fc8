import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { build, install, root } from './prepare.mjs';
import { serve } from './serve.mjs';

/** `npm start`: starts on the data that is there, or on an empty site. */
install();
if (!existsSync(join(root, 'dist/server/entry.mjs'))) {
  console.log('Building...');
  build();
}
await serve();
