import { terminalAt, type Damage } from '../../circuit/index';
import { terminalLabel } from '../../plan/index';
import { type Analysis, violation, type Violation } from '../violation';
import { usedStates } from './usedStates';

/** The rule each kind of damage breaks. */
const RULE_OF: Readonly<Record<Damage['kind'], string>> = {
  'driven-input': 'driven-input',
  reversed: 'reversed-device',
  'over-voltage': 'over-voltage',
  'contact-overload': 'contact-overload',
  'fuse-blown': 'fuse-blows',
  'fuse-overload': 'fuse-overload',
  'wrong-current': 'wrong-current',
  'driven-output': 'driven-output',
  'source-overload': 'supply-overload',
};

/** Parts fed beyond what they bear, at rest or in use; each once. */
export const damages: Analysis = (context) => {
  const { world, plan, door } = context;
  const found = new Map<string, Damage>();
  for (const { point } of usedStates(context)) {
    for (const damage of point.damages) {
      const key = `${damage.kind}:${damage.branch}`;
      if (!found.has(key)) found.set(key, damage);
    }
  }
  return [...found.values()].flatMap((damage): Violation[] => {
    const branch = world.netlist.branches[damage.branch];
    if (!branch || branch.kind === 'conductor') return [];
    const terminal = terminalAt(world.netlist, branch.a);
    const values = {
      tag: plan.devices[branch.device]?.tag ?? '',
      terminal: terminalLabel(plan, terminal, door.id),
      measured: damage.measured,
      limit: damage.limit,
    };
    const at = [{ kind: 'device', id: branch.device } as const, { kind: 'terminal', id: terminal } as const];
    return [violation(RULE_OF[damage.kind], at, values)];
  });
};
