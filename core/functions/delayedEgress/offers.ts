import type { Offers } from '../offers';
import { PUSH, REARM } from './answers';

/** Somebody who wants out leans on it until it counts; whoever has its key arms it again. */
export const delayedEgress: Offers<'delayedEgress'> = ({ push, rearm }, { device: { id } }) => [
  ...(push === undefined
    ? ([
        {
          id: `push:${id}`,
          stimulus: { kind: 'press', device: id, key: PUSH },
          needs: 'nothing',
          purpose: 'leave',
        },
      ] as const)
    : []),
  ...(rearm === undefined
    ? ([
        {
          id: `rearm:${id}`,
          stimulus: { kind: 'press', device: id, key: REARM },
          needs: 'key',
          purpose: 'rearm',
        },
      ] as const)
    : []),
];
