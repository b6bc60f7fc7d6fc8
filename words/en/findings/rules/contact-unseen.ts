import type { Words } from '../text';

export const contactUnseen: Words = {
  title: (v) => `Door contact ${v['tag']} is not connected to the controller`,
  reason: () =>
    'Opening the door changes no input. Land the contact on the controller; without it, its door alarms and relock on close do not work.',
};
