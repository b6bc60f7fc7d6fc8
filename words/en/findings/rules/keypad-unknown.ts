import type { Words } from '../text';

export const keypadUnknown: Words = {
  title: (v) => `Nobody knows all that ${v['tag']} holds`,
  reason: (v) =>
    `${v['slots'] ? `Slots ${v['slots']} are in use by nobody knows what` : 'Only some of it was looked at'}: a code of a stranger may open. Look at the rest, or wipe everybody and key the list in anew, at Program.`,
};
