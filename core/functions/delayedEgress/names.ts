import type { Naming } from '../naming';

export const delayedEgress: Naming<'delayedEgress'> = {
  blank: (board) => ({
    kind: 'delayedEgress',
    board,
    state: 'released',
    alarm: 'sounding',
    fire: 'fire',
    nuisanceSetting: 'nuisance',
    delaySetting: 'delay',
  }),
  parts: ({ board }) => [board],
  inputs: ({ push, fire, bypass, rearm }) => [
    [push, 'exit', null],
    [fire, 'fire', null],
    [bypass, 'bypass', null],
    [rearm, 'rearm', null],
  ],
  settings: ({ nuisanceSetting, delaySetting, backSetting }) => [
    { key: 'nuisanceSetting', id: nuisanceSetting },
    { key: 'delaySetting', id: delaySetting },
    { key: 'backSetting', id: backSetting, values: ['stays', 'arms'] },
  ],
  states: ({ state, alarm }) => [
    [state, 'relay'],
    [alarm, 'output'],
  ],
};
