import {
  conductorsOf,
  deviceOf,
  terminalLabel,
  type Cable,
  type Conductor,
  type Device,
  type DoorId,
  type Plan,
} from '../plan/index';
import { findCableMake, metres, type CableMake, type Metres } from '../units/index';
import { SLACK_MM } from './terminalCards';

/** One cable to be pulled, with what each core does. */
export interface CableRow {
  readonly name: string;
  readonly cable: Cable | null;
  readonly make: CableMake | null;
  readonly from: string;
  readonly to: string;
  readonly fromPlace: Device['place'];
  readonly toPlace: Device['place'];
  readonly cores: readonly { readonly conductor: Conductor; readonly from: string; readonly to: string }[];
  /** Cores nobody uses: each is cut and capped on its own. Null where the make is not known. */
  readonly spare: number | null;
  /** Longest of its cores. */
  readonly run: Metres;
  /** What to cut: the run and the slack at both ends. */
  readonly cut: Metres;
}

/** Pull schedule of a door: every cable by name, then single wires and links that are in none. */
export function cableSchedule(plan: Plan, door: DoorId): { cables: CableRow[]; single: Conductor[] } {
  const byName = new Map<string, Conductor[]>();
  const single: Conductor[] = [];
  for (const wire of conductorsOf(plan, door)) {
    if (wire.cable === '') single.push(wire);
    else byName.set(wire.cable, [...(byName.get(wire.cable) ?? []), wire]);
  }
  const cables = [...byName].map(([name, wires]): CableRow => {
    const cable = plan.cables[`${door}/${name}`] ?? null;
    const make = (cable && findCableMake(cable.make)) ?? null;
    const [left, right] = ends(plan, wires);
    const run = metres(Math.max(...wires.map((wire) => wire.length)));
    return {
      name,
      cable,
      make,
      from: left?.tag ?? '',
      to: right?.tag ?? '',
      fromPlace: left?.place ?? 'enclosure',
      toPlace: right?.place ?? 'frame',
      cores: wires.map((conductor) => ({
        conductor,
        from: terminalLabel(plan, conductor.from, door),
        to: terminalLabel(plan, conductor.to, door),
      })),
      spare: make ? Math.max(0, make.cores - wires.length) : null,
      run,
      cut: metres(run + (2 * SLACK_MM) / 1000),
    };
  });
  return { cables, single };
}

/** The two devices a cable runs between: the one in the enclosure first. */
function ends(plan: Plan, wires: readonly Conductor[]): [Device | undefined, Device | undefined] {
  const first = wires[0];
  if (!first) return [undefined, undefined];
  const devices = [first.from, first.to].map((end) => plan.devices[deviceOf(end)]);
  const [a, b] = devices;
  return b?.place === 'enclosure' && a?.place !== 'enclosure' ? [b, a] : [a, b];
}

/** What to cut of each make, longest first, with the total to buy. */
export interface CutRow {
  readonly make: CableMake | null;
  readonly label: string;
  readonly pieces: readonly { readonly name: string; readonly cut: Metres }[];
  readonly total: Metres;
}

export function cutList(rows: readonly CableRow[]): CutRow[] {
  const byMake = new Map<string, CableRow[]>();
  for (const row of rows) {
    const key = row.make?.id ?? `${row.cores.length} cores, make not chosen`;
    byMake.set(key, [...(byMake.get(key) ?? []), row]);
  }
  return [...byMake].map(([key, pieces]) => ({
    make: pieces[0]?.make ?? null,
    label: pieces[0]?.make?.name ?? key,
    pieces: [...pieces].sort((a, b) => b.cut - a.cut).map(({ name, cut }) => ({ name, cut })),
    total: metres(pieces.reduce((sum, { cut }) => sum + cut, 0)),
  }));
}
