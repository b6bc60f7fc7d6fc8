import { settingFor, type Pair, type SettingRole } from '../../devices/index';
import { terminalId, type ColourRole, type TerminalId } from '../../plan/index';
import type { Ledger } from '../capacity';
import type { DoorParts, Placed } from '../../door/index';
import type { Layout, Run, RunUse } from '../run';
import { SIZES } from '../run';

/** A loop template: what one kind of loop wants, in wiring order. Empty where the door has no such loop. */
export type Template = (parts: DoorParts, ledger: Ledger) => Layout;

export const pin = (of: Placed, terminal: string): TerminalId => terminalId(of.device.id, terminal);
export const pins = (of: Placed, pair: Pair): { plus: TerminalId; minus: TerminalId } => ({
  plus: pin(of, pair.plus),
  minus: pin(of, pair.minus),
});

/** Conductors 0-1, 2-3, 4-5... of a chain: between those pairs the way leads through a device. */
export function legs(chain: readonly TerminalId[], role: ColourRole, gauge = SIZES.lock): Run[] {
  const runs: Run[] = [];
  for (let i = 0; i + 1 < chain.length; i += 2) {
    runs.push({ from: chain[i]!, to: chain[i + 1]!, role, use: 'power', gauge });
  }
  return runs;
}

export const run = (from: TerminalId, to: TerminalId, role: ColourRole, use: RunUse): Run => ({
  from,
  to,
  role,
  use,
  gauge: use === 'power' ? SIZES.feed : SIZES.signal,
});

/** Setting of a device that has this role on the decider's channel for this door; null where it has none. */
export const channelSetting = (of: Placed | null, { channel }: DoorParts, role: SettingRole): string | null =>
  (of && settingFor(of.type, role, channel)?.id) ?? null;
