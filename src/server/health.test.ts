import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { quillhaven } from '#demo/quillhaven';
import { GET } from '../pages/api/health';
import { openDatabase } from './db/open';
import { lookThrough, noteHealth } from './health';
import { handle } from './http';
import { createSite } from './sites/siteList';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'aldaba-health-'));
  vi.spyOn(console, 'error').mockImplementation(() => undefined);
});
afterEach(() => {
  vi.restoreAllMocks();
  noteHealth({ checked: null, damage: null });
  rmSync(folder, { recursive: true, force: true });
});
const now = () => new Date('2026-12-01T10:00:00Z');
const asked = async () => {
  const response = await GET({ locals: {}, url: new URL('http://127.0.0.1/api/health') } as never);
  return [response.status, await response.json()] as const;
};

describe('the health of a server', () => {
  it('is told of a whole file, of a spoilt one, and of one that cannot be read while it is used', async () => {
    const file = join(folder, 'a.db');
    const db = openDatabase(file);
    createSite(db, quillhaven(), { author: '', at: now().toISOString() });
    db.$client.pragma('wal_checkpoint(TRUNCATE)');
    expect(await lookThrough(file, now)).toEqual({ checked: now().toISOString(), damage: null });
    expect(await asked()).toEqual([200, { ok: true, checked: now().toISOString(), damaged: false }]);
    db.$client.close();
    const bytes = readFileSync(file);
    for (let page = 8; page < bytes.length / 4096; page += 1)
      bytes.fill(0xa5, page * 4096 + 60, page * 4096 + 2000);
    writeFileSync(file, bytes);
    expect((await lookThrough(file, now)).damage).not.toBeNull();
    expect(await asked()).toEqual([503, { ok: false, checked: now().toISOString(), damaged: true }]);
    const response = await handle(() => {
      throw Object.assign(new Error('database disk image is malformed'), { code: 'SQLITE_CORRUPT' });
    });
    expect([response.status, JSON.stringify(await response.json())]).toEqual([
      503,
      expect.stringContaining('restore FILE') as string,
    ]);
  });
});
