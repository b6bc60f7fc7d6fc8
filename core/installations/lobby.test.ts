import { describe, expect, it } from 'vitest';
import { checkContext, runChecks } from '../checks/index';
import { checkSheet } from '../commission/index';
import { conductorsOf, type Edit } from '../plan/index';
import { mustApply } from '../specimens/doors';
import { vestibule } from '../specimens/vestibule';
import { releaseByCredential } from '../timing/index';

describe('Interlocked lobby: two doors of one room, a lockdown button, one controller of the site', () => {
  const plan = vestibule();
  const doors = ['D01', 'D02'] as const;
  const found = (door: string, ...edits: Edit[]) =>
    runChecks(checkContext(mustApply(plan, ...edits), door))
      .filter(({ severity }) => severity === 'stop' || severity === 'fix')
      .map(({ code }) => code);

  it.each(doors)('%s is wired by Aldaba alone, sound and proven', (door) => {
    expect(conductorsOf(plan, door).every(({ origin }) => origin === 'aldaba')).toBe(true);
    expect(found(door)).toEqual([]);
    const { proof, world, rest, parts } = checkContext(plan, door);
    expect(parts.channel).toBe(door === 'D01' ? 0 : 1);
    expect(proof.rows.flatMap(({ cells }) => [cells.outside.verdict, cells.inside.verdict])).not.toContain(
      'fail',
    );
    expect(proof.rows.flatMap(({ cells }) => [cells.outside.verdict, cells.inside.verdict])).not.toContain(
      'not-proven',
    );
    expect(releaseByCredential(world, rest)?.seconds).toBe(5);
  });
  it.each(doors)('%s tries lockdown and interlock on its check sheet', (door) => {
    const tasks = checkSheet(plan, door).map(({ task }) => task);
    expect(tasks).toEqual(expect.arrayContaining(['lockdown', 'lockdown-exit', 'interlock', 'forced-alarm']));
  });
  it.each<[string, string, string, Edit[]]>([
    [
      'the contact of a door off its input',
      'D02',
      'interlock-blind',
      [{ kind: 'disconnect', id: 'D02/W12' }],
    ],
    ['the lockdown button off its input', 'D01', 'lockdown-idle', [{ kind: 'disconnect', id: 'D01/W17' }]],
    [
      'the lock of one door on the output of the other',
      'D02',
      'wrong-throw',
      [{ kind: 'setConductor', id: 'D02/W03', patch: { from: 'K1.NO2' as never } }],
    ],
  ])('finds: %s', (_, door, code, edits) => expect(found(door, ...edits)).toContain(code));
});
