import type { Words } from '../text';

export const contactUnseen: Words = {
  title: (v) => `Door contact ${v['tag']} is not connected to the controller`,
  reason: () =>
    'Opening the door changes no input. Land the contact on the controller, or its alarms and locking on close do not work.',
};
