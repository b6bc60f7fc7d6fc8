import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { runAldaba } from './bundled';

const FILE = 'demo/quillhaven.json';
const aldaba = (...args: string[]) => runAldaba(args);

describe('aldaba', () => {
  it('prove: exit 0 for a sound door, 1 for one that fails, both as a table and as JSON', () => {
    const sound = aldaba('prove', FILE, '--door', 'D02');
    expect(sound.status).toBe(0);
    expect(sound.stdout).toContain('A plan is not a permit.');
    const bad = aldaba('prove', FILE, '--door', 'D03', '--json');
    expect(bad.status).toBe(1);
    const [door] = JSON.parse(bad.stdout) as [{ findings: { code: string }[]; proof: unknown[] }];
    expect(door.findings[0]?.code).toBe('fire-not-latched');
    expect(door.proof).toHaveLength(16);
  });
  it('solve: every terminal, wire and device of a situation', () => {
    const { stdout } = aldaba('solve', FILE, '--door', 'D03', '--situation', 'fire', '--json');
    const solved = JSON.parse(stdout) as {
      terminals: Record<string, number>;
      wires: unknown[];
      locks: { hold: string }[];
    };
    expect(solved.terminals['D03/PS1.+V']).toBeGreaterThan(13);
    expect(solved.wires).toHaveLength(18);
    expect(solved.locks[0]?.hold).toBe('free');
  });
  it('explain: the cause and its consequences in words, exit 0 where all is explained', () => {
    const { status, stdout } = aldaba('explain', FILE, '--door', 'D06');
    expect(status).toBe(0);
    expect(stdout).toContain('W02 stands on K1.NC. It belongs on NO.');
    expect(stdout).toContain('all 24 cells of the proof pass, nothing new');
    expect(stdout).toContain('- K1 is on NC: the door is inverted');
    expect(stdout).toContain('A plan is not a permit.');
    const json = aldaba('explain', FILE, '--door', 'D02', '--json');
    expect(JSON.parse(json.stdout)).toEqual([
      { door: 'D02', causes: [], unexplained: [], tried: 0, exhausted: true },
    ]);
  });
  it('export: CSV, SPICE, SVG and JSON without codes', () => {
    expect(aldaba('export', FILE, '--format', 'csv').stdout).toContain('door,wire,from,to');
    expect(aldaba('export', FILE, '--format', 'spice', '--door', 'D02').stdout).toContain('.op');
    expect(aldaba('export', FILE, '--format', 'svg', '--door', 'D02').stdout).toMatch(/^<svg /);
    const json = aldaba('export', FILE, '--format', 'json').stdout;
    expect(json).not.toContain('480216');
    expect(JSON.parse(json)).toMatchObject({ format: 'aldaba-site' });
  });
  it('says what it cannot read, with the path, and exits 2', () => {
    const folder = mkdtempSync(join(tmpdir(), 'aldaba-cli-'));
    const path = join(folder, 'bad.json');
    writeFileSync(path, readFileSync(FILE, 'utf8').replace('"D02/L1.+"', '"D02/L9.+"'));
    const { status, stderr } = aldaba('prove', path);
    expect(status).toBe(2);
    expect(stderr).toMatch(/wires\[\d+\]\.to: there is no terminal "D02\/L9\.\+"/);
    expect(aldaba('prove', 'nowhere.json').status).toBe(2);
    expect(aldaba('solve', FILE, '--door', 'D77').stderr).toContain('there is no door "D77"');
  });
});
