import { volts, wire, type Words } from '../text';

export const sourcesJoined: Words = {
  title: (v) => `${v['tag']} and ${v['other']} are joined`,
  reason: (v) =>
    `${wire(v)} joins ${volts(v, 'volts')} of one and ${volts(v, 'measured')} of the other: each feeds into the other, and neither can be switched off alone.`,
  remedy: (v) => `Remove ${v['wire']}`,
};
