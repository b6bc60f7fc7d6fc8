import type { Gauge } from '../units/index';
import { mm2 } from '../units/index';
import type { ColourRole, TerminalId } from '../plan/index';
import type { SettingValue } from '../devices/index';

/** What a conductor carries, as far as its cable is concerned. */
export type RunUse = 'power' | 'signal' | 'data' | 'bus' | 'audio';

/** One conductor a template asks for, before it has a number, a colour, a cable and a length. */
export interface Run {
  readonly from: TerminalId;
  readonly to: TerminalId;
  readonly role: ColourRole;
  readonly use: RunUse;
  readonly gauge: Gauge;
}

/** A setting that the wiring asks for: a terminator, an address, an input's form. */
export interface SettingRun {
  readonly device: string;
  readonly setting: string;
  readonly value: SettingValue;
}

/** What one template asks for. */
export interface Layout {
  readonly runs: readonly Run[];
  readonly settings: readonly SettingRun[];
}

/** Sizes a template starts from; the Power station then proves or corrects them. */
export const SIZES = { lock: mm2(1), double: mm2(1.5), feed: mm2(0.5), signal: mm2(0.22) } as const;

export const layout = (runs: readonly Run[], settings: readonly SettingRun[] = []): Layout => ({
  runs,
  settings,
});
export const NO_LAYOUT: Layout = { runs: [], settings: [] };
export const joinLayouts = (all: readonly Layout[]): Layout => ({
  runs: all.flatMap(({ runs }) => runs),
  settings: all.flatMap(({ settings }) => settings),
});
