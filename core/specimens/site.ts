import '../devices/library/index';
import { HARDWARE_SETS } from '../brief/index';
import { findType, type DeviceType } from '../devices/index';
import {
  conductorsOf,
  deviceOf,
  emptyPlan,
  pinOf,
  terminalId,
  type Conductor,
  type Device,
  type Plan,
} from '../plan/index';
import { metres } from '../units/index';
import { mustApply } from './doors';
import { door } from './ruleEdits';

/** Sets with a plain 12 V supply of two terminals, whose doors may hang on one. */
const ON_TWO_TERMINALS = ['magnet-controller', 'strike-keypad', 'strike-keypad-safe'] as const;

/** Id of the site's own type that feeds many doors: as large as it must be. */
const CENTRAL = 'central-supply@1';

const central = (doors: number): DeviceType => {
  const base = findType('supply-12v-battery');
  if (!base) throw new Error('no supply in the library');
  const parts = base.parts.map((part) =>
    part.kind === 'source' ? { ...part, maxAmps: 2 * doors, ohms: 0.06 / doors } : part,
  );
  return { ...base, id: CENTRAL, name: 'Central supply', parts };
};

export interface SiteShape {
  readonly doors: number;
  /** Doors on one supply; 1 gives each its own. */
  readonly perSupply?: number;
  /** Supplies as large as what hangs on them asks, or as they come. */
  readonly ample?: boolean;
  readonly sets?: readonly string[];
}

const doorName = (n: number) => `D${String(n + 1).padStart(3, '0')}`;

/**
 * A site of any size: doors of every hardware set in turn, each on its own supply; or doors of the plain sets, several on one
 * supply, with what goes to it on the same run. The same shape always gives the same site.
 */
export function siteOf({ doors, perSupply = 1, ample = true, sets }: SiteShape): Plan {
  const from = sets ?? (perSupply === 1 ? HARDWARE_SETS.map(({ id }) => id) : ON_TWO_TERMINALS);
  const devices: Record<string, Device> = {};
  const conductors: Record<string, Conductor> = {};
  const all: Record<string, Plan['doors'][string]> = {};
  for (let n = 0; n < doors; n += 1) {
    const source = door(from[n % from.length]!);
    const [name, first] = [doorName(n), doorName(n - (n % perSupply))];
    const feedsHere = name === first;
    const rename = (id: string): string => {
      const moved = id.replace(/^D01\//, `${name}/`);
      return perSupply > 1 && moved === `${name}/PS1` ? `${first}/PS1` : moved;
    };
    all[name] = { ...source.doors['D01']!, id: name, order: n + 1, name: `Door ${name}` };
    for (const device of Object.values(source.devices)) {
      if (perSupply > 1 && device.tag === 'PS1' && !feedsHere) continue;
      const type = perSupply > 1 && ample && device.tag === 'PS1' ? CENTRAL : device.type;
      // A network address that is noted once is not noted twice.
      const settings = { ...device.settings };
      if ('ip' in settings) delete settings['ip'];
      devices[rename(device.id)] = { ...device, id: rename(device.id), door: name, type, settings };
    }
    for (const wire of conductorsOf(source, 'D01')) {
      const id = wire.id.replace(/^D01\//, `${name}/`);
      const end = (terminal: Conductor['from']) => terminalId(rename(deviceOf(terminal)), pinOf(terminal));
      conductors[id] = { ...wire, id, door: name, from: end(wire.from), to: end(wire.to) };
    }
  }
  const empty = emptyPlan('generated', `${doors} doors`);
  const types: Plan['types'] = perSupply > 1 && ample ? { [CENTRAL]: central(perSupply) } : {};
  return { ...empty, doors: all, devices, conductors, types };
}

/** The same site with the first wire of a door a metre longer: what one edit changes. */
export const withOtherLength = (plan: Plan, at: string): Plan => {
  const [wire] = conductorsOf(plan, at);
  if (!wire) throw new Error(`no wire at ${at}`);
  return mustApply(plan, {
    kind: 'setConductor',
    id: wire.id,
    patch: { length: metres(wire.length + 1) },
  });
};
