/** `device id` + `.` + `terminal`. Terminals hold no dot, so the last dot divides. */
export type TerminalId = string;

export const terminalId = (device: string, terminal: string): TerminalId => `${device}.${terminal}`;
export const deviceOf = (terminal: TerminalId): string => terminal.slice(0, terminal.lastIndexOf('.'));
export const pinOf = (terminal: TerminalId): string => terminal.slice(terminal.lastIndexOf('.') + 1);
