import { terminalOf } from '../specimens/terminalOf';
import { describe, expect, it } from 'vitest';
import type { Edit, Plan } from '../plan/index';
import { atRest, buildWorld } from '../simulate/index';
import { magnetDoor, mustApply, safeStrikeDoor, strikeDoor, wireBetween } from '../specimens/doors';
import { prove, tallyOf, worstOf, type Proof, type SituationId } from './index';

function proofOf(plan: Plan, ...edits: Edit[]): Proof {
  const changed = mustApply(plan, ...edits);
  const world = buildWorld(changed, 'D01');
  return prove(changed, world, atRest(world));
}
const rowOf = (proof: Proof, id: SituationId) => {
  const row = proof.rows.find((one) => one.situation === id);
  if (!row) throw new Error(`no row ${id}`);
  return row;
};
const bad = (proof: Proof) => proof.rows.filter((row) => worstOf(row) !== 'pass').map((row) => row.situation);

describe('prove', () => {
  it.each([
    ['magnet', magnetDoor],
    ['strike', strikeDoor],
    ['fail-safe strike', safeStrikeDoor],
  ])('passes a well-wired %s door in every situation', (_, make) => {
    expect(bad(proofOf(make()))).toEqual([]);
  });

  it('gives the way of the current and the contact that broke it', () => {
    const proof = proofOf(magnetDoor());
    const path = rowOf(proof, 'rest').path.map((step) => (step.kind === 'wire' ? step.number : step.tag));
    expect(path).toEqual(['W01', 'F1', 'W02', 'K1', 'W03', 'EB1', 'W04', 'L1', 'W05', 'EB1', 'W06']);
    expect(rowOf(proof, 'credential').opened).toEqual([{ kind: 'part', tag: 'K1', from: 'COM1', to: 'NC1' }]);
  });

  it('fails people inside when the break glass is by-passed and the controller hangs', () => {
    const plan = magnetDoor();
    const proof = proofOf(
      plan,
      {
        kind: 'setConductor',
        id: wireBetween(plan, 'K1.NC1', 'EB1.1C'),
        patch: { to: terminalOf('D01/EB1.1NC') },
      },
      {
        kind: 'setConductor',
        id: wireBetween(plan, 'EB1.2C', 'PS1.0V'),
        patch: { from: terminalOf('D01/EB1.2NC') },
      },
    );
    expect(rowOf(proof, 'controller-hung').cells.inside).toMatchObject({
      verdict: 'fail',
      got: 'impossible',
    });
    expect(rowOf(proof, 'break-glass').cells.inside.verdict).toBe('fail');
  });

  it('finds a fire release that the fire undoes', () => {
    const proof = proofOf(magnetDoor(), {
      kind: 'setSetting',
      device: 'D01/F1',
      setting: 'latch',
      value: 'following',
    });
    expect(bad(proof)).toEqual(['fire-burnt', 'fire-power']);
  });

  it('does not prove a fire without a fire release', () => {
    const proof = proofOf(magnetDoor(), { kind: 'removeDevice', id: 'D01/F1' });
    expect(rowOf(proof, 'fire').cells.inside).toMatchObject({
      verdict: 'not-proven',
      missing: [{ kind: 'no-fire-release' }],
    });
  });

  it('does not count an unanswered lever as a way out', () => {
    const plan = strikeDoor();
    const brief = { ...plan.doors['D01']!.brief, mechanicalEgress: null };
    const proof = proofOf(plan, { kind: 'setDoor', id: 'D01', patch: { brief } });
    expect(rowOf(proof, 'dead').cells.inside).toMatchObject({
      verdict: 'not-proven',
      missing: [{ kind: 'brief', question: 'mechanicalEgress' }],
    });
  });

  it('does not let a lever free a magnet', () => {
    const plan = magnetDoor();
    const brief = { ...plan.doors['D01']!.brief, mechanicalEgress: true };
    const proof = proofOf(
      plan,
      { kind: 'setDoor', id: 'D01', patch: { brief } },
      { kind: 'removeDevice', id: 'D01/EB1' },
    );
    expect(rowOf(proof, 'rest').cells.inside.works).not.toContainEqual({ kind: 'lever' });
  });

  it('never proves a magnet that neither holds nor lets go', () => {
    const plan = magnetDoor();
    const id = wireBetween(plan, 'EB1.1NC', 'L1.+');
    const proof = proofOf(plan, {
      kind: 'setConductor',
      id,
      patch: { gauge: '0.05mm2' as never, length: 40 as never },
    });
    expect(rowOf(proof, 'rest').cells.outside.missing).toMatchObject([{ kind: 'weak-lock', tag: 'L1' }]);
    expect(rowOf(proof, 'rest').cells.outside.verdict).toBe('not-proven');
  });

  it('proves nothing about a door without a lock', () => {
    const proof = proofOf(magnetDoor(), { kind: 'removeDevice', id: 'D01/L1' });
    expect(proof.rows.every((row) => worstOf(row) === 'not-proven')).toBe(true);
  });
});

describe('tallyOf', () => {
  it('counts every cell once', () => {
    for (const plan of [magnetDoor(), strikeDoor()]) {
      const { rows } = proofOf(plan);
      expect(tallyOf(rows)).toEqual({ pass: rows.length * 2, fail: 0, 'not-proven': 0 });
    }
    expect(tallyOf([])).toEqual({ pass: 0, fail: 0, 'not-proven': 0 });
  });
});
