import { settingValue, type Behaviour, type BehaviourKind } from '../../devices/index';
import type { Inhabitant } from '../world';
import type { Memory } from '../simState';
import { channelReact } from './channel';
import { NOTHING, type React, type Reaction, type Signal } from './behaviour';

type Model<K extends BehaviourKind> = (
  spec: Extract<Behaviour, { kind: K }>,
  self: Inhabitant,
  memory: Memory,
  signal: Signal,
) => Reaction;

/** A button stays pressed as long as a thumb does, ms. */
const PRESS_MS = 600;
/** A touchless sensor keeps its contact closed this long after the hand is gone, ms. */
const SENSED_MS = 1000;

const MODELS: { [K in BehaviourKind]: Model<K> } = {
  passive: () => NOTHING,
  reader: () => NOTHING,
  doorContact: () => NOTHING,
  controller: (spec, self, memory, signal) =>
    spec.channels.reduce<Reaction>(
      (sum, channel, index) => merge(sum, channelReact(self, channel, index, sum.memory ?? memory, signal)),
      NOTHING,
    ),
  keypad: (spec, self, memory, signal) => channelReact(self, spec.channel, 0, memory, signal),
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
