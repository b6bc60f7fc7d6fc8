import type { TerminalId } from '../../plan/index';
import { onTerminal, onWire } from '../context';

/** Where it is: the wire, where one wire is it, and the terminals. */
export const spot = (wire: string | null, ...terminals: TerminalId[]) => [
  ...(wire ? [onWire(wire)] : []),
  ...terminals.map(onTerminal),
];
