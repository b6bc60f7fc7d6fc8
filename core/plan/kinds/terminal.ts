/**
 * A terminal of a device in a plan: `device id` + `.` + `terminal`. Terminals hold no dot, so the last dot divides. A text
 * becomes one only here and in the schema of a wire; it is a value, so that it can be compared and be a key.
 */
export type TerminalId = string & { readonly brand: 'terminal' };

export const terminalId = (device: string, pin: string): TerminalId => `${device}.${pin}` as TerminalId;
export const deviceOf = (terminal: TerminalId): string => terminal.slice(0, terminal.lastIndexOf('.'));
export const pinOf = (terminal: TerminalId): string => terminal.slice(terminal.lastIndexOf('.') + 1);
