import type { Words } from '../text';

const PURPOSES: Readonly<Record<string, string>> = {
  exit: 'is for requests to exit',
  contact: 'is for the door contact',
  status: 'is for the lock status',
  fire: 'is for the fire alarm',
  data: 'is for reader data',
  alarm: 'supervises an alarm line',
  bell: 'is for a bell',
  tamper: 'is for a tamper loop',
  lockdown: 'is for a lockdown',
  interlock: 'is for the interlock',
  aux: 'is only reported',
  'other-door': 'serves another door',
};

export const wrongInput: Words = {
  title: (v) => `${v['tag']} is on the wrong input`,
  reason: (v) =>
    `${v['tag']} moves ${v['terminal']}, which ${PURPOSES[String(v['purpose'])] ?? 'is there for something else'}.` +
    (v['right']
      ? ` ${v['job'] === 'exit' ? 'A request to exit' : 'A door contact'} belongs on ${v['right']}${v['how'] === 'menu' ? ', or set its menu for it' : ''}.`
      : ''),
  remedy: (v) =>
    v['how'] === 'menu'
      ? `Set ${v['terminal']} as ${v['job'] === 'exit' ? 'exit button' : 'door contact'}`
      : `Swap ${v['terminal']} and ${v['right']}`,
};
