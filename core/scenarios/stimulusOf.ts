import type { Act } from '../plan/index';
import type { Stimulus } from '../simulate/index';

type Doing = { [D in Act['does']]: (act: Extract<Act, { does: D }>) => Stimulus };

const STIMULI: Doing = {
  credential: ({ valid, device, output, who }) => ({
    kind: 'credential',
    valid,
    output,
    ...(who === undefined ? {} : { who }),
    ...(device === null ? {} : { device }),
  }),
  press: ({ device, key, held }) => ({
    kind: 'press',
    device,
    ...(key === null ? {} : { key }),
    ...(held === undefined ? {} : { held }),
  }),
  open: ({ from, leaf }) => ({ kind: 'openDoor', from, ...(leaf ? { leaf } : {}) }),
  close: () => ({ kind: 'closeDoor' }),
  'others-open': () => ({ kind: 'otherDoors', open: true }),
  'others-shut': () => ({ kind: 'otherDoors', open: false }),
  'break-glass': ({ device }) => ({ kind: 'breakGlass', device }),
  'reset-glass': ({ device }) => ({ kind: 'resetGlass', device }),
  fire: () => ({ kind: 'fire' }),
  'fire-gone': () => ({ kind: 'fireGone' }),
  'fire-reset': () => ({ kind: 'fireReset' }),
  'mains-off': () => ({ kind: 'mains', on: false }),
  'mains-on': () => ({ kind: 'mains', on: true }),
  'network-off': () => ({ kind: 'network', on: false }),
  'network-on': () => ({ kind: 'network', on: true }),
  lockdown: () => ({ kind: 'lockdown', on: true }),
  'lockdown-over': () => ({ kind: 'lockdown', on: false }),
  hours: () => ({ kind: 'hours', on: true }),
  'hours-over': () => ({ kind: 'hours', on: false }),
  'battery-empty': () => ({ kind: 'batteryAt', share: 1e-6 }),
  'all-dead': () => ({ kind: 'dead', on: true }),
  restart: ({ device }) => ({ kind: 'restart', devices: [device] }),
  hang: ({ device }) => ({ kind: 'hang', devices: [device] }),
  cut: ({ wire }) => ({ kind: 'cut', conductor: wire }),
  mend: ({ wire }) => ({ kind: 'mend', conductor: wire }),
};

/** What an act of a scenario does to the simulated door. */
export const stimulusOf = (act: Act): Stimulus => STIMULI[act.does](act as never);
