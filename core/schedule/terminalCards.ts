import type { Terminal } from '../devices/index';
import {
  allConductors,
  type TerminalId,
  conductorsOf,
  deviceOf,
  devicesOf,
  pinOf,
  terminalId,
  terminalLabel,
  typeIn,
  type Conductor,
  type Device,
  type DoorId,
  type Plan,
} from '../plan/index';
import { areaOf } from '../units/index';

/** Bare copper that a screw or lever terminal wants, mm. More risks a short. */
const STRIP_MM: Readonly<Record<NonNullable<Terminal['form']>, number>> = {
  screw: 5,
  plug: 6,
  lever: 11,
  pigtail: 11,
};
/** Sheath taken off and slack left at every device, mm. */
export const SHEATH_MM = 150;
export const SLACK_MM = 300;

/** One conductor as it lands on a terminal. */
export interface Landing {
  readonly conductor: Conductor;
  /** Terminal at its other end, as a person writes it. */
  readonly to: string;
  /** A link stays inside the device. */
  readonly link: boolean;
  readonly stripMm: number;
  /** Ferrule by its conductor's cross-section; twin where two share a terminal; null where a lever or joint takes bare wire. */
  readonly ferrule: { readonly area: number; readonly twin: boolean } | null;
}

export interface CardRow {
  readonly terminal: Terminal;
  readonly landings: readonly Landing[];
  /** Nothing lands here, and a lead hangs out: cap it on its own. */
  readonly cap: boolean;
}

/** What lands where on one device, in the order its terminals are printed. */
export interface TerminalCard {
  readonly device: Device;
  readonly name: string;
  readonly rows: readonly CardRow[];
  readonly landed: number;
}

/** Cards of every device of a door, in the order of their tags; devices of the site that this door reaches come last. */
export function terminalCards(plan: Plan, door: DoorId): TerminalCard[] {
  const own = devicesOf(plan, door);
  const reached = new Set(conductorsOf(plan, door).flatMap(({ from, to }) => [deviceOf(from), deviceOf(to)]));
  const others = [...reached].flatMap((id) => {
    const device = plan.devices[id];
    return device && device.door !== door ? [device] : [];
  });
  return [...own, ...others].map((device) => cardOf(plan, device, door));
}

function cardOf(plan: Plan, device: Device, door: DoorId): TerminalCard {
  const type = typeIn(plan, device);
  const wires = allConductors(plan);
  const rows = type.terminals.map((terminal): CardRow => {
    const id = terminalId(device.id, terminal.id);
    const here = wires
      .filter(({ from, to }) => from === id || to === id)
      .sort((a, b) => (a.number < b.number ? -1 : 1));
    const form = terminal.form ?? 'screw';
    const crimped = form === 'screw' || form === 'plug';
    return {
      terminal,
      cap: here.length === 0 && form === 'pigtail',
      landings: here.map((conductor): Landing => {
        const other = conductor.from === id ? conductor.to : conductor.from;
        return {
          conductor,
          to: terminalLabel(plan, other, door),
          link: deviceOf(other) === device.id,
          stripMm: STRIP_MM[form],
          ferrule: crimped ? { area: areaOf(conductor.gauge), twin: here.length === 2 } : null,
        };
      }),
    };
  });
  return {
    device,
    name: type.name,
    rows,
    landed: rows.reduce((sum, row) => sum + row.landings.length, 0),
  };
}

/** Terminal whose pin is this, for reading a card from a wire. */
export const rowOf = (card: TerminalCard, terminal: TerminalId): CardRow | undefined =>
  card.rows.find((row) => row.terminal.id === pinOf(terminal));
