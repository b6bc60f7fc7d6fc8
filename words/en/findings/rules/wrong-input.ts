import type { Words } from '../text';

const PURPOSES: Readonly<Record<string, string>> = {
  exit: 'takes exit requests',
  contact: 'watches the door contact',
  status: 'takes the state of a lock',
  fire: 'takes the fire alarm',
  data: 'takes a reader’s data',
  alarm: 'watches an alarm line',
  bell: 'takes a bell',
  tamper: 'watches a tamper loop',
  lockdown: 'asks for a lockdown',
  interlock: 'keeps the doors shut',
  aux: 'is only reported',
  'other-door': 'serves another door',
};

export const wrongInput: Words = {
  title: (v) => `${v['tag']} is on the wrong input`,
  reason: (v) =>
    `${v['tag']} moves ${v['terminal']}, which ${PURPOSES[String(v['purpose'])] ?? 'is there for something else'}.` +
    (v['right']
      ? ` ${v['job'] === 'exit' ? 'An exit request' : 'A door contact'} belongs on ${v['right']}${v['how'] === 'menu' ? ', or the menu is to be set for it' : ''}.`
      : ''),
  remedy: (v) =>
    v['how'] === 'menu'
      ? `Set ${v['terminal']} as ${v['job'] === 'exit' ? 'exit button' : 'door contact'}`
      : `Change over ${v['terminal']} and ${v['right']}`,
};
