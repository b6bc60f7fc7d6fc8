import { readdirSync, statSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { kindOf, type Collection } from '#core/plan/index';
import { dataPath } from './db/shared';
import { health } from './health';
import type { Rescue } from '../parts/rescue';
import type { LiveSite } from './sites/liveSite';

/** What whoever opens a site of a damaged file is told; null where the file is whole as far as anybody knows. */
export function rescueOf(live: LiveSite, data = dataPath()): Rescue | null {
  if (health().damage === null) return null;
  const { damage } = live;
  return {
    whole: damage ? damage.whole : Object.keys(live.plan.doors),
    hurt: damage?.hurt ?? [],
    lost: Object.entries(damage?.lost ?? {}).map(([collection, count]) => ({
      what: kindOf(collection as Collection).list,
      count,
    })),
    backup: newestBackup(data),
  };
}

/** The newest file beside the database that was checked when it was written, with its time; null where there is none. */
function newestBackup(data: string): Rescue['backup'] {
  const folder = join(dirname(data), 'backups');
  try {
    const [newest] = readdirSync(folder)
      .filter((name) => name.endsWith('.db'))
      .map((name) => ({ name: basename(name), at: statSync(join(folder, name)).mtime }))
      .sort((a, b) => b.at.getTime() - a.at.getTime());
    return newest ? { name: newest.name, at: newest.at.toISOString() } : null;
  } catch {
    return null;
  }
}
