import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { writeAldaba } from '#core/formats/index';
import type { Plan } from '#core/plan/index';
import { mustApply } from '../core/specimens/doors';
import { siteRelay } from '../core/specimens/fireSites';
import { terminalOf } from '../core/specimens/terminalOf';
import { runHere } from './runHere';

const aldaba = (...args: string[]) => runHere(args);

const FILE = 'demo/quillhaven.json';
describe('aldaba', () => {
  it('prove: exit 0 for a sound door, 1 for one that fails, both as a table and as JSON', async () => {
    const sound = await aldaba('prove', FILE, '--door', 'D02');
    expect(sound.status).toBe(0);
    expect(sound.stdout).toContain('A plan is not a permit.');
    const bad = await aldaba('prove', FILE, '--door', 'D03', '--json');
    expect(bad.status).toBe(1);
    const [door] = JSON.parse(bad.stdout) as [{ findings: { code: string }[]; proof: unknown[] }];
    expect(door.findings[0]?.code).toBe('fire-not-latched');
    expect(door.proof).toHaveLength(18);
  });
  it('prove: a fire that is gone round, a site that opens as one, each in words', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'aldaba-cli-'));
    const write = (name: string, plan: Plan): string => {
      const path = join(folder, name);
      writeFileSync(path, JSON.stringify(writeAldaba(plan, { secrets: true })));
      return path;
    };
    const site = siteRelay();
    const both = await aldaba('prove', write('right.json', site));
    expect(both.stdout).toContain('Every door of this site unlocks without power.');
    const one = await aldaba('prove', write('right.json', site), '--door', 'D01');
    expect(one.stdout).not.toContain('Every door of this site');
    const feed = Object.values(site.conductors).find(({ to }) => to === 'F1.2C')!;
    const past = mustApply(site, { kind: 'setConductor', id: feed.id, patch: { to: terminalOf('F1.2NC') } });
    const round = await aldaba('prove', write('past.json', past), '--door', 'D02');
    expect(round.status).toBe(1);
    expect(round.stdout).toContain('Stop: In a fire L1 stays locked.');
    expect(round.stdout).toContain('PS1');
    const told = await aldaba('explain', write('past.json', past), '--door', 'D02');
    expect(told.stdout).toContain(`${feed.number} is on F1.2NC. It belongs on 2C.`);
  });
  it('explain: a door without a wire is to be wired', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'aldaba-cli-'));
    const path = join(folder, 'bare.json');
    writeFileSync(
      path,
      JSON.stringify(writeAldaba({ ...siteRelay(), conductors: {}, cables: {} }, { secrets: true })),
    );
    const { status, stdout } = await aldaba('prove', path, '--door', 'D01');
    expect(status).toBe(1);
    expect(stdout).toContain('This door is not wired yet.');
    expect(stdout).not.toContain('loop of L1 is open');
  });
  it('solve: every terminal, wire and device of a situation', async () => {
    const { stdout } = await aldaba('solve', FILE, '--door', 'D03', '--situation', 'fire', '--json');
    const solved = JSON.parse(stdout) as {
      terminals: Record<string, number>;
      wires: unknown[];
      locks: { hold: string }[];
    };
    expect(solved.terminals['D03/PS1.+V']).toBeGreaterThan(13);
    expect(solved.wires).toHaveLength(18);
    expect(solved.locks[0]?.hold).toBe('free');
  });
  it('explain: the cause and its consequences in words, exit 0 where all is explained', async () => {
    const { status, stdout } = await aldaba('explain', FILE, '--door', 'D06');
    expect(status).toBe(0);
    expect(stdout).toContain('W02 is on K1.NC. It belongs on NO.');
    expect(stdout).toContain('all 28 cells of the proof pass, no new problems');
    expect(stdout).toContain('- K1 is on NC: the lock works inverted');
    expect(stdout).toContain('A plan is not a permit.');
    const json = await aldaba('explain', FILE, '--door', 'D02', '--json');
    expect(JSON.parse(json.stdout)).toEqual([
      { door: 'D02', causes: [], unexplained: [], tried: 0, exhausted: true },
    ]);
  });
  it('export: CSV, SPICE, SVG and JSON without codes', async () => {
    expect((await aldaba('export', FILE, '--format', 'csv')).stdout).toContain('door,wire,from,to');
    expect((await aldaba('export', FILE, '--format', 'spice', '--door', 'D02')).stdout).toContain('.op');
    expect((await aldaba('export', FILE, '--format', 'svg', '--door', 'D02')).stdout).toMatch(/^<svg /);
    const json = (await aldaba('export', FILE, '--format', 'json')).stdout;
    expect(json).not.toContain('480216');
    expect(JSON.parse(json)).toMatchObject({ format: 'aldaba-site' });
  });
  it('says what it cannot read, with the path, and exits 2', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'aldaba-cli-'));
    const path = join(folder, 'bad.json');
    writeFileSync(path, readFileSync(FILE, 'utf8').replace('"D02/L1.+"', '"D02/L9.+"'));
    const { status, stderr } = await aldaba('prove', path);
    expect(status).toBe(2);
    expect(stderr).toMatch(/wires\[\d+\]\.to: there is no terminal "D02\/L9\.\+"/);
    expect((await aldaba('prove', 'nowhere.json')).status).toBe(2);
    expect((await aldaba('solve', FILE, '--door', 'D77')).stderr).toContain('there is no door "D77"');
  });
});
