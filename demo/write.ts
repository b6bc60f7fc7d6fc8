import { writeFileSync } from 'node:fs';
import { writeAldaba } from '#core/formats/index';
import { quillhaven } from './quillhaven';

/** Writes the demo site as a file for the command line: `npx tsx demo/write.ts`. */
const text = JSON.stringify(writeAldaba(quillhaven(), { secrets: true }), null, 2);
writeFileSync(new URL('./quillhaven.json', import.meta.url), `${text}\n`);
