import { volts, wire, type Words } from '../text';

export const sourcesJoined: Words = {
  title: (v) => `${v['tag']} and ${v['other']} are joined`,
  reason: (v) =>
    `${wire(v)} joins ${volts(v, 'volts')} of one and ${volts(v, 'measured')} of the other: each pushes into the other, and one alone cannot be switched off.`,
  remedy: (v) => `Take ${v['wire']} out`,
};
