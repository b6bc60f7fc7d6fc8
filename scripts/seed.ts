import { openDatabase } from '../src/server/db/open';
import { sites } from '../src/server/db/schema';

/**
 * Puts the demo site into a database that has none yet; what somebody changed in it is left alone. The demo itself is
 * read only where it is wanted: a second start should not wait for it.
 */
const db = openDatabase(process.env['ALDABA_DATA'] ?? 'data/demo.db');
if (
  db
    .select({ id: sites.id })
    .from(sites)
    .all()
    .some(({ id }) => id === 'quillhaven')
) {
  console.log('The Quillhaven Archive is there already; it is left as it is.');
} else {
  const { createSite } = await import('../src/server/sites/siteList');
  const { quillhaven } = await import('#demo/quillhaven');
  createSite(db, quillhaven(), { author: 'demo', at: new Date().toISOString() });
  console.log('The Quillhaven Archive has been put in.');
}
db.$client.close();
