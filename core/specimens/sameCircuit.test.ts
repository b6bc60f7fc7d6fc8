import { describe, expect, it } from 'vitest';
import type { Conductor, Edit } from '../plan/index';
import { magnetDoor, mustApply } from './doors';
import { joinsTheSame } from './sameCircuit';
import { terminalOf } from './terminalOf';

const plan = magnetDoor();
const set = (wire: string, patch: Partial<Conductor>): Edit => ({
  kind: 'setConductor',
  id: `D01/${wire}`,
  patch,
});

describe('one circuit', () => {
  it.each([
    ['nothing changed', []],
    [
      'a door contact with its wires changed over',
      [set('W15', { to: terminalOf('D01/C1.b') }), set('W16', { from: terminalOf('D01/C1.a') })],
    ],
    ['another 0 V that is the same point', [set('W10', { to: terminalOf('D01/K1.0V') })]],
  ])('%s', (_what, edits) => expect(joinsTheSame(plan, mustApply(plan, ...edits))).toBe(true));

  it.each([
    [
      'a lock turned',
      [set('W04', { to: terminalOf('D01/L1.-') }), set('W05', { from: terminalOf('D01/L1.+') })],
    ],
    ['a wire on the throw beside', [set('W03', { from: terminalOf('D01/K1.NO1') })]],
    ['a wire gone', [{ kind: 'disconnect', id: 'D01/W13' } satisfies Edit]],
    [
      'data lines crossed',
      [set('W17', { to: terminalOf('D01/K1.D1-1') }), set('W18', { to: terminalOf('D01/K1.D0-1') })],
    ],
    ['both of a contact on one screw', [set('W16', { from: terminalOf('D01/C1.a') })]],
  ])('not: %s', (_what, edits) => expect(joinsTheSame(plan, mustApply(plan, ...edits))).toBe(false));
});
