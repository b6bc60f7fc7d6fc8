import type { Reaction } from './signal';

/** Two reactions of one device at one moment: what the second says goes before. */
export const combine = (a: Reaction, b: Reaction): Reaction => ({
  set: { ...a.set, ...b.set },
  timers: [...(a.timers ?? []), ...(b.timers ?? [])],
  cancel: [...(a.cancel ?? []), ...(b.cancel ?? [])],
  alarms: { ...a.alarms, ...b.alarms },
  ...(b.memory || a.memory ? { memory: { ...a.memory, ...b.memory } } : {}),
  ...(b.answer || a.answer ? { answer: b.answer ?? a.answer } : {}),
  ...(b.passback || a.passback ? { passback: true as const } : {}),
  ...(b.door || a.door ? { door: b.door ?? a.door } : {}),
});
