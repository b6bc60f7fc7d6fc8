import { type SimState, stimulate, type Stimulus } from '../../simulate/index';
import type { CheckContext } from '../context';

/** The states in which a door is used: what bears rest may still be destroyed when a relay moves. */
export function usedStates({ world, rest, parts }: CheckContext): SimState[] {
  const acts: Stimulus[] = [
    { kind: 'credential', valid: true },
    ...parts.exits.map(({ device }): Stimulus => ({ kind: 'press', device: device.id })),
    ...parts.breakGlasses.map(({ device }): Stimulus => ({ kind: 'breakGlass', device: device.id })),
    { kind: 'fire' },
    { kind: 'openDoor', from: 'force' },
  ];
  return [rest, ...acts.map((act) => stimulate(world, rest, act).state)];
}
