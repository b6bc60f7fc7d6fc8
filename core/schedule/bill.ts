import { areaOf, type Gauge } from '../units/index';
import {
  type TerminalId,
  conductorsOf,
  deviceOf,
  devicesOf,
  pinOf,
  typeIn,
  type DoorId,
  type Plan,
} from '../plan/index';
import { cableSchedule, cutList } from './cableSchedule';
import { terminalCards } from './terminalCards';

/** One line of a bill of materials. */
export interface BillRow {
  readonly kind: 'device' | 'cable' | 'wire' | 'ferrule' | 'cap';
  readonly name: string;
  readonly count: number;
  readonly unit: 'pieces' | 'm';
  /** Tags, cable names or sizes it covers. */
  readonly of: string;
}

/** Everything to buy for a door: devices, cables by the metre, single wire, ferrules, caps for spare cores and leads. */
export function billOfMaterials(plan: Plan, door: DoorId): BillRow[] {
  const devices = new Map<string, string[]>();
  for (const device of devicesOf(plan, door)) {
    const { name } = typeIn(plan, device);
    devices.set(name, [...(devices.get(name) ?? []), device.tag]);
  }
  const { cables, single } = cableSchedule(plan, door);
  const loose = new Map<Gauge, number>();
  for (const wire of single) loose.set(wire.gauge, (loose.get(wire.gauge) ?? 0) + wire.length);
  const ferrules = new Map<string, number>();
  let caps = cables.reduce((sum, { spare }) => sum + 2 * (spare ?? 0), 0);
  const own = new Set(conductorsOf(plan, door).map(({ id }) => id));
  for (const card of terminalCards(plan, door)) {
    for (const row of card.rows) {
      if (row.cap && card.landed > 0) caps += 1;
      const mine = row.landings.filter(({ conductor }) => own.has(conductor.id));
      for (const { ferrule } of mine.slice(0, mine[0]?.ferrule?.twin ? 1 : undefined)) {
        if (!ferrule) continue;
        const key = `${ferrule.twin ? '2 × ' : ''}${ferrule.area} mm²`;
        ferrules.set(key, (ferrules.get(key) ?? 0) + 1);
      }
    }
  }
  return [
    ...[...devices].map(([name, tags]): BillRow => ({
      kind: 'device',
      name,
      count: tags.length,
      unit: 'pieces',
      of: tags.join(', '),
    })),
    ...cutList(cables).map(({ label, total, pieces }): BillRow => ({
      kind: 'cable',
      name: label,
      count: Math.ceil(total),
      unit: 'm',
      of: pieces.map(({ name }) => name).join(', '),
    })),
    ...[...loose]
      .sort(([a], [b]) => areaOf(a) - areaOf(b))
      .map(([gauge, length]): BillRow => ({
        kind: 'wire',
        name: `single wire ${areaOf(gauge).toFixed(2).replace(/0+$/, '').replace(/\.$/, '')} mm²`,
        count: Math.ceil(length),
        unit: 'm',
        of: 'links and wires inside enclosures',
      })),
    ...[...ferrules]
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([size, count]): BillRow => ({
        kind: 'ferrule',
        name: `ferrule ${size}`,
        count,
        unit: 'pieces',
        of: '',
      })),
    ...(caps > 0
      ? [
          {
            kind: 'cap',
            name: 'end caps',
            count: caps,
            unit: 'pieces',
            of: 'spare cores and unused leads, each on its own',
          } as const,
        ]
      : []),
  ];
}

/** Labels to print: both ends of every wire, with where it lands. */
export interface WireLabel {
  readonly number: string;
  readonly here: string;
  readonly there: string;
}

export function wireLabels(plan: Plan, door: DoorId): WireLabel[] {
  const name = (terminal: TerminalId) => {
    const device = plan.devices[deviceOf(terminal)];
    return `${device?.tag ?? ''}.${pinOf(terminal)}`;
  };
  return conductorsOf(plan, door).flatMap(({ number, from, to }) => [
    { number, here: name(from), there: name(to) },
    { number, here: name(to), there: name(from) },
  ]);
}
