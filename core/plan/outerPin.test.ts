import { describe, expect, it } from 'vitest';
import { newDevice } from '../brief/index';
import { checkContext } from '../checks/index';
import { outerPin } from '../devices/index';
import { LIBRARY } from '../devices/library/index';
import { magnetDoor, mustApply } from '../specimens/doors';
import { terminalLabel } from './index';
import { terminalAt } from '../circuit/index';

const inner = LIBRARY.filter(({ nodes }) => (nodes ?? []).length > 0);

describe('a joint inside a housing', () => {
  it('stands for a terminal that anybody can read', () => {
    expect(inner.length).toBeGreaterThan(0);
    for (const type of inner) {
      const names = type.terminals.map(({ id }) => id);
      for (const node of type.nodes ?? []) expect(names).toContain(outerPin(type, node));
      for (const name of names) expect(outerPin(type, name)).toBe(name);
    }
  });
  it('never shows in the words of a door that has one', () => {
    for (const { id } of inner) {
      const plan = mustApply(magnetDoor(), { kind: 'addDevice', device: newDevice(magnetDoor(), 'D01', id) });
      const context = checkContext(plan, 'D01');
      const { nodes } = context.world.netlist;
      expect(nodes.some((node) => node.includes('.~'))).toBe(true);
      const labels = nodes.map((_, node) =>
        terminalLabel(plan, terminalAt(context.world.netlist, node), 'D01'),
      );
      expect(labels.filter((label) => label.includes('~'))).toEqual([]);
      expect(JSON.stringify(context.proof)).not.toContain('~');
    }
  });
});
