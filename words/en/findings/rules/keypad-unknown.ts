import type { Words } from '../text';

export const keypadUnknown: Words = {
  title: (v) => `What ${v['tag']} holds is only partly known`,
  reason: (v) =>
    `${v['slots'] ? `Slots ${v['slots']} are in use, by an unknown user` : 'Only some slots were checked'}: a stranger’s code may open. Check the rest, or erase all users and key the list in again, at Program.`,
};
