import {
  stateInterner,
  setInterner,
  sayTable,
  type Memory,
  type Remembering,
  type SimState,
} from '../simulate/index';

/**
 * A text that two states share only where everything that can follow is the same: what is done, what devices remember, what is
 * due and how long it still takes, how the circuit stands. When it is does not matter, only how far off each timer is.
 */
export function stateFingerprints({ world, circuitOf }: Remembering): (state: SimState) => string {
  const devices = world.inhabitants.map(({ device }) => device.id);
  const sets = setInterner();
  const tables = stateInterner<ReadonlyMap<string, unknown>>(sayTable);
  const memories = stateInterner<Memory>(sayMemory);
  const all = stateInterner<SimState['memory']>((memory) => {
    let said = '';
    for (let n = 0; n < devices.length; n += 1) {
      const one = memory[devices[n]!];
      if (one) said += `${n}=${memories.of(one)} `;
    }
    return said;
  });
  return (state) => {
    const { now, queue, states, feeds, charge, cut, failed, hung, alarms, memory } = state;
    let due = '';
    for (const { at, device, name } of queue) due += ` ${at - now}${device}${name}`;
    const flags =
      (state.doorOpen ? 1 : 0) +
      (state.network ? 2 : 0) +
      (state.unstable ? 4 : 0) +
      (state.lockdown ? 8 : 0) +
      (state.hours ? 16 : 0);
    return `${circuitOf(state)} ${sets.of(states)} ${tables.of(feeds)} ${tables.of(charge)} ${sets.of(cut)} ${sets.of(failed)} ${sets.of(hung)} ${sets.of(alarms)} ${all.of(memory)} ${flags}${due}`;
  };
}

/** What a device remembers, in a fixed order. Nothing tells what is false or 0 from what was never noted. */
function sayMemory(memory: Memory): string {
  const said: string[] = [];
  for (const key in memory) {
    const value = memory[key]!;
    if (value !== false && value !== 0) said.push(`${key}=${value}`);
  }
  return said.sort().join(' ');
}
