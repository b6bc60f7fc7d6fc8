import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import type { Plan } from '../plan/index';
import { mustApply, magnetDoor, MAGNET_BRIEF } from '../specimens/doors';
import { installed } from '../specimens/installation';
import { menuDoor } from '../specimens/menuDoor';
import { door, set } from '../specimens/ruleEdits';
import { countFaults, improvementsOf, type Improvement } from './index';

const offered = (plan: Plan): Improvement[] => [...improvementsOf(plan, 'D01')];
const names = (plan: Plan) => offered(plan).map(({ what }) => what);

describe('what would help against single faults', () => {
  it('is offered only where it does: the figures are those of the door as it is then', () => {
    for (const plan of [magnetDoor(), menuDoor('controller-1-menu', { kind: 'removeDevice', id: 'D01/EB1' })])
      for (const { edit, before, after } of offered(plan)) {
        expect(before).toEqual(countFaults(plan, 'D01'));
        expect(after).toEqual(countFaults(mustApply(plan, edit), 'D01'));
        expect([after.trapped, after['open-unnoticed'], after['act-only'], after['open-told']]).not.toEqual([
          before.trapped,
          before['open-unnoticed'],
          before['act-only'],
          before['open-told'],
        ]);
        expect(after.trapped).toBeLessThanOrEqual(before.trapped);
      }
  });

  it('a break glass where there is none, two poles where there is one, a latch where there is none', () => {
    expect(names(menuDoor('controller-1-menu', { kind: 'removeDevice', id: 'D01/EB1' }))).toContain(
      'add-glass',
    );
    const single = installed({
      name: 'Store',
      brief: MAGNET_BRIEF,
      devices: [
        'supply-12v-battery',
        'controller-2-dry',
        'reader-wiegand',
        'magnet-lock',
        'exit-button',
        'break-glass-single',
        'fire-relay',
        'door-contact',
      ],
    });
    const glass = offered(single).find(({ what }) => what === 'double-glass');
    if (glass) expect(glass.after.trapped).toBeLessThanOrEqual(glass.before.trapped);
    expect(names(mustApply(magnetDoor(), set('F1', 'latch', 'following')))).not.toContain('double-glass');
  });

  it('offers nothing twice, and nothing at all that brings something new to settle', () => {
    for (const { id } of HARDWARE_SETS.slice(0, 6)) {
      const found = names(door(id));
      expect(new Set(found).size).toBe(found.length);
    }
  });
});
