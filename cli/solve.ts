import { formatAmps, formatVolts } from '#core/units/index';
import type { Plan } from '#core/plan/index';
import { ON } from '#core/circuit/index';
import { lockStatuses } from '#core/simulate/index';
import { UsageError, type CommandOptions } from './usage';
import { doorsAsked, inSituation } from './doors';

/** Solves one door in one situation and prints every terminal, wire and device. */
export function solveCommand(plan: Plan, options: CommandOptions): number {
  if (!options.door) throw new UsageError('say which door: --door D03');
  const [door] = doorsAsked(plan, options.door);
  const situation = options.situation ?? 'rest';
  const { world, state } = inSituation(plan, door?.id ?? '', situation);
  const { netlist } = world;
  const finite = (value: number) => (Number.isNaN(value) ? null : value);
  const terminals = Object.fromEntries(
    netlist.nodes.map((id, node) => [id, finite(state.point.volts[node] ?? NaN)]),
  );
  const wires = netlist.branches.flatMap((branch, index) =>
    branch.kind === 'conductor'
      ? [
          {
            id: branch.id,
            number: plan.conductors[branch.id]?.number,
            from: netlist.nodes[branch.a],
            to: netlist.nodes[branch.b],
            amps: state.point.amps[index] ?? 0,
          },
        ]
      : [],
  );
  const devices = world.inhabitants.map(({ device, type }) => ({
    id: device.id,
    type: type.id,
    states: [...state.states]
      .filter((one) => one.startsWith(`${device.id}:`))
      .map((one) => one.slice(device.id.length + 1)),
    parts: netlist.branches.flatMap((branch, index) =>
      branch.kind !== 'conductor' && branch.device === device.id
        ? [
            {
              id: branch.id.slice(device.id.length + 1),
              kind: branch.kind,
              on: state.point.on[index] === ON,
              amps: state.point.amps[index] ?? 0,
            },
          ]
        : [],
    ),
    inputs: [...state.readings]
      .filter(([id]) => id.startsWith(`${device.id}:`))
      .map(([id, reading]) => ({ id: id.slice(device.id.length + 1), reading })),
  }));
  const locks = lockStatuses(world, state.point);
  if (options.json) {
    const { restless, damages } = state.point;
    console.log(
      JSON.stringify(
        {
          door: door?.id,
          situation,
          terminals,
          wires,
          devices,
          locks,
          restless,
          damages,
          alarms: [...state.alarms],
        },
        null,
        2,
      ),
    );
    return 0;
  }
  console.log(`${door?.id} ${door?.name}, ${situation}\n`);
  for (const [id, volts] of Object.entries(terminals))
    console.log(`  ${id.padEnd(20)} ${formatVolts(volts)}`);
  console.log('');
  for (const wire of wires)
    console.log(
      `  ${String(wire.number).padEnd(5)} ${`${wire.from} – ${wire.to}`.padEnd(36)} ${formatAmps(wire.amps)}`,
    );
  console.log('');
  for (const lock of locks)
    console.log(`  ${lock.tag}: ${lock.hold}, ${formatVolts(lock.volts)}, ${formatAmps(lock.amps)}`);
  return 0;
}
