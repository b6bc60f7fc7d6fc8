import type { TerminalId } from '../../plan/index';

/** A source of the circuit, by the terminals it stands between. */
export interface SourceAt {
  readonly device: string;
  readonly tag: string;
  readonly plus: TerminalId;
  readonly minus: TerminalId;
  readonly volts: number;
}
