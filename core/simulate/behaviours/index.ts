import {
  channelsOf,
  does,
  settingValue,
  type Channel,
  type DeviceFunction,
  type FunctionKind,
  type FunctionOf,
} from '../../devices/index';
import type { Inhabitant } from '../world';
import type { Memory } from '../simState';
import { channelReact } from './channel';
import { combine } from './combine';
import { clock } from './freePassage';
import { follow } from './follow';
import { interlock } from './interlock';
import { link } from './link';
import { operate } from './operator';
import { ownInput } from './ownInput';
import { endOf, isEndOf, pulse } from './pulse';
import { NOTHING, type React, type Reaction, type Signal } from './behaviour';

type Model<K extends FunctionKind> = (
  spec: FunctionOf<K>,
  self: Inhabitant,
  memory: Memory,
  signal: Signal,
) => Reaction;

/** A button stays pressed as long as a thumb does, ms. */
const PRESS_MS = 600;
/** A lever is held down this long, ms. */
const LEVER_MS = 800;
/** A touchless sensor keeps its contact closed this long after the hand is gone, ms. */
const SENSED_MS = 1000;

const MODELS: { [K in FunctionKind]: Model<K> } = {
  reader: () => NOTHING,
  doorContact: () => NOTHING,
  busReader: () => NOTHING,
  busHost: () => NOTHING,
  // It follows what the others do: see `follow`.
  output: () => NOTHING,
  tamper: ({ input, usedSetting }, self, _memory, signal) => {
    if (settingValue(self.type, self.device.settings, usedSetting) !== 'on') return NOTHING;
    if (signal.kind !== 'input' || signal.input !== input || signal.reading === 'dead') return NOTHING;
    return { alarms: { tamper: signal.reading !== 'closed' } };
  },
  input: ownInput,
  interlock,
  link,
  clock: (_spec, self, memory, signal) => clock(self, memory, signal),
  decides: (spec, self, memory, signal) => overChannels(self, spec.channels, memory, signal),
  ownCodes: ({ bell }, _self, _memory, signal) => (bell === null ? NOTHING : pulse(bell, PRESS_MS, signal)),
  timer: (spec, self, memory, signal) => {
    const index = channelsOf(self.type).indexOf(spec.channel);
    return channelReact(self, spec.channel, index, memory, signal);
  },
  operator: operate,
  keys: (spec, _self, _memory, signal) => {
    if (signal.kind === 'press') {
      const state = spec.keys[signal.key ?? Object.keys(spec.keys)[0] ?? ''];
      return state === undefined ? NOTHING : pulse(state, PRESS_MS, signal);
    }
    const over = Object.values(spec.keys).find((state) => isEndOf(state, signal));
    return over === undefined ? NOTHING : pulse(over, PRESS_MS, signal);
  },
  switch: (spec, _self, memory, signal) => {
    if (signal.kind !== 'press') return NOTHING;
    const on = memory[spec.state] !== true;
    return { set: { [spec.state]: on }, memory: { ...memory, [spec.state]: on } };
  },
  lever: (spec, _self, _memory, signal) =>
    pulse(spec.state, LEVER_MS, signal.kind === 'lever' ? { kind: 'press' } : signal),
  fireInput: (spec, self, memory, signal) => {
    const following = settingValue(self.type, self.device.settings, spec.latchSetting) === 'following';
    if (signal.kind === 'input' && signal.input === spec.input) {
      if (signal.reading === 'dead') return NOTHING;
      // A monitored contact is closed while all is well; a short of a plain one, like its alarm, closes it.
      const closes = triggerOf(self, spec.triggerSetting) === 'NO';
      const ok = (signal.reading === 'closed') !== closes;
      if (!ok) return { memory: { ...memory, ok, asked: false }, set: { [spec.state]: true } };
      const fed = following || memory['asked'] === true || signal.before === 'dead';
      return { memory: { ...memory, ok, asked: false }, ...(fed ? { set: { [spec.state]: false } } : {}) };
    }
    if (signal.kind !== 'fireReset') return NOTHING;
    // The key is turned while the panel is being reset: it counts as soon as the input is closed again.
    return memory['ok'] === true ? { set: { [spec.state]: false } } : { memory: { ...memory, asked: true } };
  },
  button: (spec, _self, _memory, signal) => pulse(spec.state, PRESS_MS, signal),
  sensor: (spec, _self, _memory, signal) =>
    signal.kind === 'power' && !signal.on
      ? { set: { [spec.state]: false }, cancel: [endOf(spec.state)] }
      : pulse(spec.state, SENSED_MS, signal),
  breakGlass: (spec, _self, _memory, signal) => {
    if (signal.kind === 'break') return { set: { [spec.state]: true } };
    return signal.kind === 'reset' ? { set: { [spec.state]: false } } : NOTHING;
  },
  fireRelay: (spec, self, _memory, signal) => {
    if (signal.kind === 'fire') return { set: { [spec.state]: true } };
    if (signal.kind === 'fireReset') return { set: { [spec.state]: false } };
    const latched = settingValue(self.type, self.device.settings, spec.latchSetting) === 'latching';
    return signal.kind === 'fireGone' && !latched ? { set: { [spec.state]: false } } : NOTHING;
  },
};

/** Whether a fire contact opens or closes on alarm. */
const triggerOf = (self: Inhabitant, setting: string | undefined) =>
  setting === undefined ? 'NC' : settingValue(self.type, self.device.settings, setting);

/** Every channel answers; what one remembers the next one sees. */
const overChannels = (
  self: Inhabitant,
  channels: readonly Channel[],
  memory: Memory,
  signal: Signal,
): Reaction =>
  channels.reduce<Reaction>(
    (sum, channel, index) => combine(sum, channelReact(self, channel, index, sum.memory ?? memory, signal)),
    NOTHING,
  );

/** How one function answers. */
const answer = (spec: DeviceFunction, self: Inhabitant, memory: Memory, signal: Signal): Reaction =>
  (MODELS[spec.kind] as Model<FunctionKind>)(spec, self, memory, signal);

/** The reaction of any device: every function of its type answers; what one remembers the next one sees. */
export const react: React = (self, memory, signal) => {
  const { functions } = self.type;
  if (functions.length === 1) return answer(functions[0]!, self, memory, signal);
  let sum = NOTHING;
  const add = (one: Reaction): void => {
    if (one !== NOTHING) sum = sum === NOTHING ? one : combine(sum, one);
  };
  for (const spec of functions) add(answer(spec, self, sum.memory ?? memory, signal));
  if (does(self.type, 'output')) add(follow(self, memory, signal, sum));
  return sum;
};

export { heedsLockdown } from './link';
export { keepsFreePassage } from './freePassage';
export { keepsPassback } from './passback';
export { NOTHING, type Reaction, type Signal } from './behaviour';
