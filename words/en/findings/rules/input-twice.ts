import type { Words } from '../text';

const ACTS: Readonly<Record<string, string>> = { exit: 'exit button', contact: 'door contact' };

export const inputTwice: Words = {
  title: (v) => `${v['other']} and ${v['terminal']} are both set as ${ACTS[String(v['acts'])] ?? v['acts']}`,
  reason: (v) =>
    `They belong to one door, and ${v['tag']} uses only one of them. Here it is taken to be ${v['other']}; the device may choose the other.`,
  remedy: (v) => `Set ${v['terminal']} to not used`,
};
