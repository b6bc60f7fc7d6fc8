import { deviceOf, pinOf, type TerminalId } from '../plan/index';

/** A terminal written out, as specimens and tests name them: `D01/K1.NC`. Throws where a device or a pin is missing. */
export function terminalOf(text: string): TerminalId {
  const terminal = text as TerminalId;
  if (!text.includes('.') || !deviceOf(terminal) || !pinOf(terminal))
    throw new Error(`"${text}" is not a terminal`);
  return terminal;
}
