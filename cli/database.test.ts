import { existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { runAldaba } from '../scripts/bundledCli';
import { runHere } from './runHere';
import { keptPassphrase } from '../src/server/access/keys';
import { isPassphrase } from '../src/server/access/passphrase';
import { openDatabase } from '../src/server/db/open';
import { listSites } from '../src/server/sites/siteList';

const folder = mkdtempSync(join(tmpdir(), 'aldaba-cli-db-'));
const data = join(folder, 'aldaba.db');
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const aldaba = (args: string[]) => runHere(args, { ALDABA_DATA: data });
/** As a process of its own, which reads what is typed. */
const typed = (args: string[], input: string) =>
  runAldaba(args, { env: { ...process.env, ALDABA_DATA: data }, input });
const sites = () => {
  const db = openDatabase(data);
  const list = listSites(db).map(({ id }) => id);
  db.$client.close();
  return list.sort();
};

describe('aldaba import, backup, restore and passphrase', () => {
  it('says where there is nothing yet to back up', async () => {
    const { status, stderr } = await aldaba(['backup', join(folder, 'none.db')]);
    expect([status, stderr.includes('nothing to back up')]).toEqual([2, true]);
    expect(existsSync(join(folder, 'none.db'))).toBe(false);
  });
  it('takes site files in, each as a site of its own, and says what it read otherwise', async () => {
    const other = join(folder, 'other.json');
    const file = {
      format: 'aldaba-site',
      version: 1,
      site: { id: 'other', name: 'Other' },
      doors: [{ id: 'D01', order: 1, name: 'one' }],
      devices: [
        { id: 'D01/J1', door: 'D01', tag: 'J1', type: 'joint', place: 'inside' },
        { id: 'D01/J2', door: 'D01', tag: 'J2', type: 'joint', place: 'inside' },
      ],
      wires: [
        {
          id: 'D01/W01',
          door: 'D01',
          number: 'W01',
          from: 'D01/J1.1',
          to: 'D01/J2.1',
          colour: 'RD',
          gauge: '1.0',
          length: 2,
        },
      ],
    };
    writeFileSync(other, JSON.stringify(file));
    const { status, stdout } = await aldaba(['import', 'demo/quillhaven.json', other]);
    expect(status).toBe(0);
    expect(stdout).toContain('Quillhaven Archive');
    expect(stdout).toContain('wires[0].gauge: “1.0” read as “1mm2”');
    expect(sites()).toEqual(['other', 'quillhaven']);
  });
  it('takes in none of several files where one is bad', async () => {
    const bad = join(folder, 'bad.json');
    writeFileSync(bad, readFileSync('demo/quillhaven.json', 'utf8').replace('"D02/L1.+"', '"D02/L9.+"'));
    const { status, stderr } = await aldaba(['import', 'demo/quillhaven.json', bad]);
    expect(status).toBe(2);
    expect(stderr).toContain('there is no terminal');
    expect(sites()).toEqual(['other', 'quillhaven']);
  });
  it('writes a backup, never over a file, and puts it back', async () => {
    const file = join(folder, 'backup.db');
    expect((await aldaba(['backup', file])).stdout).toContain('readable by you alone');
    expect(statSync(file).mode & 0o077).toBe(0);
    expect(await aldaba(['backup', file])).toMatchObject({ status: 2 });
    await aldaba(['import', 'demo/quillhaven.json']);
    expect(sites()).toEqual(['other', 'quillhaven', 'quillhaven-2']);
    const { status, stdout } = await aldaba(['restore', file]);
    expect(status).toBe(0);
    expect(stdout).toMatch(
      /2 sites put back: .*\n1 not in it, and gone: Quillhaven Archive \(quillhaven-2\)\nWhat was there before is in .*before-restore/,
    );
    expect((await aldaba(['check', file])).stdout).toMatch(
      /is whole\. In it:\n.*Other: .* doors, last changed/,
    );
    expect(await aldaba(['check', 'demo/quillhaven.json'])).toMatchObject({ status: 2 });
    expect(sites()).toEqual(['other', 'quillhaven']);
    expect(await aldaba(['restore', 'demo/quillhaven.json'])).toMatchObject({ status: 2 });
    expect(await aldaba(['restore', join(folder, 'nowhere.db')])).toMatchObject({ status: 2 });
    expect(sites()).toEqual(['other', 'quillhaven']);
  });
  it('keeps a passphrase as a hash, and none that is short', { timeout: 60_000 }, async () => {
    expect(typed(['passphrase'], 'short\n')).toMatchObject({ status: 2 });
    expect(typed(['passphrase'], 'seven brass knockers\n').status).toBe(0);
    const db = openDatabase(data);
    const kept = keptPassphrase(db) ?? '';
    db.$client.close();
    expect(await isPassphrase('seven brass knockers', kept)).toBe(true);
  });
  it('says in one sentence what keeps the database from being used', async () => {
    const result = await runHere(['import', 'demo/quillhaven.json'], { ALDABA_DATA: folder });
    expect(result.status).toBe(2);
    expect(result.stderr.trim()).toMatch(/^The database .* cannot be used: it is a folder/);
  });
  it('shows its usage when asked, and when nothing is said', async () => {
    expect(await aldaba(['--help'])).toMatchObject({ status: 0 });
    expect(await aldaba([])).toMatchObject({ status: 2 });
    expect(await aldaba(['toString'])).toMatchObject({ status: 2 });
  });
});
