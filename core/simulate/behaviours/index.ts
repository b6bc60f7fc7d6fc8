import { settingValue, type Behaviour, type BehaviourKind, type Channel } from '../../devices/index';
import type { Inhabitant } from '../world';
import type { Memory } from '../simState';
import { channelReact } from './channel';
import { operate } from './operator';
import { NOTHING, type React, type Reaction, type Signal } from './behaviour';

type Model<K extends BehaviourKind> = (
  spec: Extract<Behaviour, { kind: K }>,
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

const MODELS: { [K in BehaviourKind]: Model<K> } = {
  passive: () => NOTHING,
  reader: () => NOTHING,
  doorContact: () => NOTHING,
  controller: (spec, self, memory, signal) => overChannels(self, spec.channels, memory, signal),
  keypad: (spec, self, memory, signal) =>
    signal.kind === 'press' || (signal.kind === 'timer' && signal.name === 'end')
      ? pulse('ringing', PRESS_MS, signal)
      : overChannels(self, spec.channels, memory, signal),
  timer: (spec, self, memory, signal) => channelReact(self, spec.channel, 0, memory, signal),
  busReader: () => NOTHING,
  operator: operate,
  keys: (spec, _self, memory, signal) => {
    if (signal.kind === 'press') {
      const state = spec.keys[signal.key ?? Object.keys(spec.keys)[0] ?? ''];
      return state === undefined
        ? NOTHING
        : { ...pulse(state, PRESS_MS, signal), memory: { ...memory, state } };
    }
    return signal.kind === 'timer' ? { set: { [String(memory['state'])]: false } } : NOTHING;
  },
  switch: (spec, _self, memory, signal) => {
    if (signal.kind !== 'press') return NOTHING;
    const on = memory['on'] !== true;
    return { set: { [spec.state]: on }, memory: { ...memory, on } };
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
      if (!ok) return { memory: { ok, asked: false }, set: { [spec.state]: true } };
      const fed = following || memory['asked'] === true || signal.before === 'dead';
      return { memory: { ok, asked: false }, ...(fed ? { set: { [spec.state]: false } } : {}) };
    }
    if (signal.kind !== 'fireReset') return NOTHING;
    // The key is turned while the panel is being reset: it counts as soon as the input is closed again.
    return memory['ok'] === true ? { set: { [spec.state]: false } } : { memory: { ...memory, asked: true } };
  },
  button: (spec, _self, _memory, signal) => pulse(spec.state, PRESS_MS, signal),
  sensor: (spec, _self, _memory, signal) =>
    signal.kind === 'power' && !signal.on
      ? { set: { [spec.state]: false }, cancel: ['end'] }
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
    (sum, channel, index) => merge(sum, channelReact(self, channel, index, sum.memory ?? memory, signal)),
    NOTHING,
  );

function pulse(state: string, ms: number, signal: Signal): Reaction {
  if (signal.kind === 'press') {
    return { set: { [state]: true }, cancel: ['end'], timers: [{ name: 'end', after: ms }] };
  }
  return signal.kind === 'timer' ? { set: { [state]: false } } : NOTHING;
}

const merge = (a: Reaction, b: Reaction): Reaction => ({
  set: { ...a.set, ...b.set },
  timers: [...(a.timers ?? []), ...(b.timers ?? [])],
  cancel: [...(a.cancel ?? []), ...(b.cancel ?? [])],
  alarms: { ...a.alarms, ...b.alarms },
  ...(b.memory || a.memory ? { memory: { ...a.memory, ...b.memory } } : {}),
  ...(b.answer || a.answer ? { answer: b.answer ?? a.answer } : {}),
});

/** The reaction of any device, by its type's behaviour. */
export const react: React = (self, memory, signal) => {
  const spec = self.type.behaviour;
  const model = MODELS[spec.kind] as Model<BehaviourKind>;
  return model(spec, self, memory, signal);
};

export { NOTHING, type Reaction, type Signal } from './behaviour';
