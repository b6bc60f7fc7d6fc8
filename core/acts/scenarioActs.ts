import type { Act } from '../plan/index';
import type { Stimulus } from '../functions/index';

type Kind = Stimulus['kind'];
type Written = { [K in Kind]?: (stimulus: Extract<Stimulus, { kind: K }>, at: number) => Act[] };

/** What is done, as acts of a scenario. */
const ACTS: Written = {
  credential: ({ valid, device = null, output = 0 }, at) => [
    { does: 'credential', at, valid, device, output },
  ],
  press: ({ device, key = null, held }, at) => [
    { does: 'press', at, device, key, ...(held === undefined ? {} : { held }) },
  ],
  openDoor: ({ from, leaf }, at) => [
    { does: 'open', at, from, expect: null, ...(leaf === 2 ? { leaf } : {}) },
  ],
  closeDoor: (_, at) => [{ does: 'close', at }],
  otherDoors: ({ open }, at) => [{ does: open ? 'others-open' : 'others-shut', at }],
  breakGlass: ({ device }, at) => [{ does: 'break-glass', at, device }],
  resetGlass: ({ device }, at) => [{ does: 'reset-glass', at, device }],
  fire: (_, at) => [{ does: 'fire', at }],
  fireGone: (_, at) => [{ does: 'fire-gone', at }],
  fireReset: (_, at) => [{ does: 'fire-reset', at }],
  mains: ({ on }, at) => [{ does: on ? 'mains-on' : 'mains-off', at }],
  network: ({ on }, at) => [{ does: on ? 'network-on' : 'network-off', at }],
  lockdown: ({ on }, at) => [{ does: on ? 'lockdown' : 'lockdown-over', at }],
  hours: ({ on }, at) => [{ does: on ? 'hours' : 'hours-over', at }],
  batteryAt: (_, at) => [{ does: 'battery-empty', at }],
  dead: ({ on }, at) => [{ does: on ? 'all-dead' : 'mains-on', at }],
  hang: ({ devices }, at) => devices.map((device) => ({ does: 'hang', at, device })),
  restart: ({ devices }, at) => devices.map((device) => ({ does: 'restart', at, device })),
};

/** What somebody does, as acts of a scenario; empty for what a scenario cannot tell. */
export const scenarioActs = (stimulus: Stimulus, at: number): Act[] =>
  (ACTS[stimulus.kind] as ((one: Stimulus, at: number) => Act[]) | undefined)?.(stimulus, at) ?? [];
