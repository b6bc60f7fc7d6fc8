import { readInput, settle, terminalAt } from '../../circuit/index';
import { inputsOf, type InputAt } from '../../door/index';
import { terminalId } from '../../plan/index';
import { conditionsOf, type Inhabitant } from '../../simulate/index';
import type { CheckContext } from '../context';

/** Inputs that read otherwise when the contacts of one device are worked and nothing else moves. */
export function inputsMovedBy(
  { world, rest }: Pick<CheckContext, 'world' | 'rest'>,
  { device }: Inhabitant,
): InputAt[] {
  const { netlist } = world;
  const keys = new Set(
    netlist.branches.flatMap((branch) =>
      // What a coil works follows the coil: no hand and no leaf moves it.
      branch.kind === 'contact' && branch.device === device.id && !netlist.branchOf.has(branch.state)
        ? [branch.state]
        : [],
    ),
  );
  const moved = new Set<string>();
  for (const key of keys) {
    const states = new Set(rest.states);
    if (!states.delete(key)) states.add(key);
    const point = settle(netlist, { ...conditionsOf(rest), states }, rest.point.on);
    for (const [id, before] of rest.readings) {
      if (readInput(netlist, point, id) !== before) moved.add(id);
    }
  }
  return inputsOf(world.inhabitants).filter(({ id }) => moved.has(id));
}

/** Inputs that a contact of the device lies across, whether or not something else closes them already. */
export function inputsAcross(
  { world, groupOf }: Pick<CheckContext, 'world' | 'groupOf'>,
  { device }: Inhabitant,
): InputAt[] {
  const { branches } = world.netlist;
  const pair = (a: number, b: number) => [a, b].sort((one, two) => one - two).join();
  const lies = new Set(
    branches.flatMap(({ kind, a, b, ...rest }) =>
      kind === 'contact' && 'device' in rest && rest.device === device.id
        ? [pair(groupOf(terminalAt(world.netlist, a)), groupOf(terminalAt(world.netlist, b)))]
        : [],
    ),
  );
  return inputsOf(world.inhabitants).filter((input) =>
    lies.has(
      pair(groupOf(terminalId(input.device, input.pin)), groupOf(terminalId(input.device, input.common))),
    ),
  );
}
