import type { RoundLoop } from '../../loops/index';
import type { CheckContext } from '../context';

/** The loops that carry the locks' power. */
export const lockLoops = ({ loops }: CheckContext): RoundLoop[] =>
  loops.filter((loop): loop is RoundLoop => loop.shape === 'round' && loop.kind === 'lock-power');
