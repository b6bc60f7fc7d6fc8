import { openDatabase } from '../src/server/db/open';
import { createSite, listSites } from '../src/server/sites/siteList';
import { quillhaven } from '#demo/quillhaven';

/** Puts the demo site into a database that has none yet; what somebody changed in it is left alone. */
const db = openDatabase(process.env['ALDABA_DATA'] ?? 'data/demo.db');
const plan = quillhaven();
if (listSites(db).some(({ id }) => id === plan.site.id)) {
  console.log('The Quillhaven Archive is there already; it is left as it is.');
} else {
  createSite(db, plan, { author: 'demo', at: new Date().toISOString() });
  console.log('The Quillhaven Archive has been put in.');
}
db.$client.close();
