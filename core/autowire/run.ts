import type { ColourCode, Gauge } from '../units/index';
import { mm2 } from '../units/index';
import type { TerminalId } from '../plan/index';

/** One conductor a template asks for, before it has a number, a cable and a length. */
export interface Run {
  readonly from: TerminalId;
  readonly to: TerminalId;
  readonly colour: ColourCode;
  readonly gauge: Gauge;
}

/** Sizes a template starts from; the Power station then proves or corrects them. */
export const SIZES = { lock: mm2(1), feed: mm2(0.5), signal: mm2(0.22) } as const;
