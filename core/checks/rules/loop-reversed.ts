import { lockLoops } from '../analyses/lockLoops';
import { type Analysis, violation, rule } from '../violation';

/** Plus on the negative terminal of a lock. */
const polarity: Analysis = (context) =>
  lockLoops(context)
    .filter((loop) => loop.reversed)
    .map((loop) =>
      violation('loop-reversed', [{ kind: 'device', id: loop.load.device }], {
        tag: context.plan.devices[loop.load.device]?.tag ?? '',
      }),
    );

export const loopReversed = rule({
  code: 'loop-reversed',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'rating',
  find: polarity,
});
