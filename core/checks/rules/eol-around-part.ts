import { terminalAt } from '../../circuit/index';
import { terminalLabel } from '../../plan/index';
import { stimulate } from '../../simulate/index';
import { onDevice, onTerminal } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** A supervised contact whose opening reads as trouble: a contact of its line stands outside the resistor across. */
const openingReads: Analysis<'world' | 'rest' | 'plan' | 'door'> = ({ world, rest, plan, door }) => {
  const opened = stimulate(world, rest, { kind: 'openDoor', from: 'force' }).state;
  return world.netlist.branches.flatMap((branch): Violation[] => {
    if (branch.kind !== 'input' || !branch.supervised) return [];
    if (rest.readings.get(branch.id) !== 'closed' || opened.readings.get(branch.id) !== 'trouble') return [];
    const terminal = terminalAt(world.netlist, branch.a);
    const values = {
      terminal: terminalLabel(plan, terminal, door.id),
      tag: plan.devices[branch.device]?.tag ?? '',
    };
    return [violation('eol-around-part', [onTerminal(terminal), onDevice(branch.device)], values)];
  });
};

export const eolAroundPart = rule({
  code: 'eol-around-part',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: openingReads,
});
