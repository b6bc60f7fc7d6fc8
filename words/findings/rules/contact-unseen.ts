import type { Words } from '../text';

export const contactUnseen: Words = {
  title: (v) => `Nobody sees ${v['tag']}`,
  reason: () =>
    'Opening the door changes no input. Land the contact on the controller, or its alarms and re-lock on close stay blind.',
};
