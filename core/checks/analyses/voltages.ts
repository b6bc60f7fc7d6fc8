import { groupedNodes, LIMITING, isUnsettledAt } from '../../circuit/index';
import { settingValue } from '../../devices/index';
import { loopWires } from '../../loops/index';
import { applyEdit, findTypeIn, type Edit, type Plan } from '../../plan/index';
import { enough, keepsEnough, smallestGauge } from '../../power/index';
import { atRest, buildWorld, type SimState, type World } from '../../simulate/index';
import { type Analysis, violation, type Violation, type Sought } from '../violation';
import { usedStates } from './usedStates';

/** Highest voltage of the sources on the island of a device: no wire makes it more. Null where nothing feeds it. */
function suppliedVolts({ netlist }: World, device: string): number | null {
  // Contacts in either position: what is not joined even so can feed nothing here.
  const joined = groupedNodes(netlist, ({ kind }) => kind !== 'input' && kind !== 'source');
  const mine = netlist.branches.find(
    (one) => 'device' in one && one.device === device && LOADS.has(one.kind),
  );
  if (!mine) return null;
  const volts = netlist.branches.flatMap((one) =>
    one.kind === 'source' && [joined[one.a], joined[one.b]].includes(joined[mine.a]) ? [one.volts] : [],
  );
  return volts.length > 0 ? Math.max(...volts) : null;
}
const LOADS: ReadonlySet<string> = new Set(['coil', 'load', 'electronic']);

/** True where a source is at its limit, or the circuit finds no rest: no thicker wire makes more of what is not there. */
const isOverloaded = ({ netlist }: World, { point }: SimState): boolean =>
  point.restless.length > 0 || netlist.fast.sources.some((index) => point.on[index] === LIMITING);

/** A jumper of the device at which what it is given is enough, with what it is then set to. */
function otherVoltage(plan: Plan, door: string, device: string): { edit: Edit; value: string } | null {
  const self = plan.devices[device];
  const type = self && findTypeIn(plan, self.type);
  for (const setting of type?.settings ?? []) {
    if (setting.kind !== 'choice') continue;
    for (const { value } of setting.options) {
      const edit: Edit = { kind: 'setSetting', device, setting: setting.id, value };
      const changed = applyEdit(plan, edit);
      if (!changed.ok || settingValue(type!, self!.settings, setting.id) === value) continue;
      const world = buildWorld(changed.plan, door);
      const isFed = world.netlist.branches.some(
        (one) => 'device' in one && one.device === device && LOADS.has(one.kind),
      );
      if (isFed && keepsEnough(world, atRest(world), device)) return { edit, value };
    }
  }
  return null;
}

/** Voltage at every fed device, lowest on battery; the smallest size that would do is searched for as the fix. */
export const voltages: Analysis<'budget' | 'plan' | 'loops' | 'door' | 'world' | 'rest' | 'trial'> = ({
  budget,
  plan,
  loops,
  door,
  world,
  rest,
  trial,
}) =>
  budget.voltages.flatMap((fed): Violation[] => {
    const isLock = world.locks.some(({ device }) => device.id === fed.device);
    // Where it never comes to rest there is no voltage to be too low: see `restless`.
    const branch = world.netlist.branchOf.get(fed.part) ?? -1;
    if (isUnsettledAt(world.netlist, rest.point, branch)) return [];
    const lows = [fed.rest, fed.released, fed.lowest].filter(
      (v): v is number => v !== null && Math.abs(v) > 0.5,
    );
    if (lows.length === 0) return [];
    const lowest = Math.min(...lows);
    const usual = Math.max(fed.rest ?? 0, fed.released ?? 0);
    const at = [{ kind: 'device', id: fed.device } as const];
    const values = { tag: fed.tag, volts: usual, measured: lowest, limit: fed.needsVolts };
    if (enough(fed)) {
      // Nothing is sound about a voltage that harms the part, or about a circuit that in some state never rests.
      if (fed.isUnsettled) return [];
      const harmed = usedStates({ world, rest }).some(({ point }) =>
        point.damages.some(({ branch }) => {
          const part = world.netlist.branches[branch];
          return part && 'device' in part && part.device === fed.device && part.kind !== 'contact';
        }),
      );
      return isLock && !harmed ? [violation('lock-voltage-sound', at, values)] : [];
    }
    const code = isLock ? 'lock-under-voltage' : 'device-under-voltage';
    const supplied = suppliedVolts(world, fed.device);
    if (supplied !== null && supplied < fed.needsVolts) {
      const jumper = (): Sought => {
        const other = otherVoltage(plan, door.id, fed.device);
        return other ? { values: { setting: other.value }, remedy: other.edit } : { values: { setting: '' } };
      };
      const said = { ...values, supplied };
      return [violation(code, at, said, trial ? {} : { sought: jumper })];
    }
    const thicker = (): Sought => {
      const loop = loops.find(
        (one) => one.shape === 'round' && one.load.device === fed.device && one.kind !== 'exit',
      );
      const wires = loop && !isOverloaded(world, rest) ? loopWires(loop) : [];
      const gauge = wires.length > 0 ? smallestGauge(plan, world, wires) : null;
      if (!gauge) return { values: { gauge: '' } };
      const edits = wires.map((id): Edit => ({ kind: 'setConductor', id, patch: { gauge } }));
      return { values: { gauge }, remedy: { kind: 'batch', label: 'thicker wire', edits } };
    };
    return [violation(code, at, values, trial ? {} : { sought: thicker })];
  });
