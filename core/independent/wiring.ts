import { presentParts, resolveParam } from '../devices/index';
import { terminalId, typeIn, type Device, type Scope } from '../plan/index';

/**
 * A second reading of a plan, which shares nothing with the circuit that verdicts are made from but the dense solver. Wires and links join
 * points without resistance: it judges what is joined to what and how everything answers, not how thick a wire is.
 */

/** A part between two points, in numbers. */
export interface Element {
  readonly id: string;
  readonly device: string;
  readonly kind:
    | 'contact'
    | 'coil'
    | 'load'
    | 'board'
    | 'source'
    | 'input'
    | 'diode'
    | 'varistor'
    | 'resistor'
    | 'output'
    | 'fuse';
  readonly a: number;
  readonly b: number;
  /** Ohms of it where it conducts. */
  readonly ohms: number;
  /** Volts: of a source, of an input's pull-up, that a coil pulls in at, that a board starts at, that a diode conducts from. */
  readonly volts: number;
  /** Volts below which a coil drops out, a board stops. */
  readonly off: number;
  /** Amps: the limit of a source, what a board draws (negative: watts). */
  readonly amps: number;
  /** Contact: what works it, `device:state`; the board that must run; what keeps it at rest; whether it is closed at rest. */
  readonly state: string;
  readonly needs: string | null;
  readonly unless: string | null;
  readonly closedAtRest: boolean;
  readonly hasBattery: boolean;
  /** Shares of the pull-up between which an input reads closed and open. */
  readonly closed: readonly [number, number];
  readonly open: readonly [number, number];
}

export interface Wiring {
  readonly points: number;
  readonly elements: readonly Element[];
}

const BLANK: Omit<Element, 'id' | 'device' | 'kind' | 'a' | 'b'> = {
  ohms: 0,
  volts: 0,
  off: 0,
  amps: 0,
  state: '',
  needs: null,
  unless: null,
  closedAtRest: false,
  hasBattery: false,
  closed: [0, 0],
  open: [0, 0],
};

/** What is measured against, where a part is missing that would say so: alternating current is not read here. */
export class NotRead extends Error {}

/** Joins points that a wire or a link makes one. */
function joiner(): {
  add(point: string): void;
  join(a: string, b: string): void;
  number(point: string): number;
  count(): number;
} {
  const parent = new Map<string, string>();
  const root = (point: string): string => {
    let at = point;
    for (let up = parent.get(at); up !== undefined && up !== at; up = parent.get(at)) at = up;
    return at;
  };
  const numbers = new Map<string, number>();
  return {
    add: (point) => void (parent.has(point) || parent.set(point, point)),
    join: (a, b) => {
      if (parent.has(a) && parent.has(b)) parent.set(root(a), root(b));
    },
    number: (point) => {
      const at = root(point);
      const known = numbers.get(at) ?? numbers.size;
      numbers.set(at, known);
      return known;
    },
    count: () => numbers.size,
  };
}

export function wiringOf(scope: Scope): Wiring {
  const points = joiner();
  const typed = scope.devices.map((device) => ({ device, type: typeIn(scope, device) }));
  for (const { device, type } of typed)
    for (const pin of [...type.terminals.map(({ id }) => id), ...(type.nodes ?? [])])
      points.add(terminalId(device.id, pin));
  for (const { from, to } of scope.conductors) points.join(from, to);
  for (const { device, type } of typed)
    for (const part of presentParts(type, device.settings))
      if (part.kind === 'link') points.join(terminalId(device.id, part.a), terminalId(device.id, part.b));
  const elements = typed.flatMap(({ device, type }) => elementsOf(device, type, points.number));
  return { points: points.count(), elements };
}

function elementsOf(
  device: Device,
  type: ReturnType<typeof typeIn>,
  number: (point: string) => number,
): Element[] {
  const of = (value: Parameters<typeof resolveParam>[0]) => resolveParam(value, type, device.settings);
  return presentParts(type, device.settings).flatMap((part): Element[] => {
    const own = (id: string) => `${device.id}:${id}`;
    if ('current' in part && part.current === 'ac') throw new NotRead('alternating current');
    const at = {
      ...BLANK,
      id: own(part.id),
      device: device.id,
      a: number(terminalId(device.id, part.a)),
      b: number(terminalId(device.id, part.b)),
    };
    switch (part.kind) {
      case 'link':
        return [];
      case 'contact':
        return [
          {
            ...at,
            kind: 'contact',
            ohms: part.ohms,
            state: own(part.state),
            needs: part.needs === undefined ? null : own(part.needs),
            unless: part.unless === undefined ? null : own(part.unless),
            closedAtRest: part.form === 'NC',
          },
        ];
      case 'coil':
        return [
          {
            ...at,
            kind: 'coil',
            ohms: of(part.ohms),
            volts: of(part.pullInVolts),
            off: of(part.dropOutVolts),
          },
        ];
      case 'load':
        return [{ ...at, kind: 'load', ohms: of(part.ohms) }];
      case 'electronic':
        return [
          {
            ...at,
            kind: 'board',
            volts: part.startVolts,
            off: part.minVolts,
            amps: part.law === 'power' ? -part.draw : part.draw,
          },
        ];
      case 'source':
        return [
          {
            ...at,
            kind: 'source',
            volts: part.volts,
            ohms: part.ohms,
            amps: part.maxAmps,
            hasBattery: !!part.battery,
          },
        ];
      case 'input':
        return [
          {
            ...at,
            kind: 'input',
            volts: part.pullVolts,
            ohms: part.pullOhms,
            needs: own(part.poweredBy),
            closed: part.supervised?.closed ?? [-Infinity, part.closedBelow],
            open: part.supervised?.open ?? [part.openAbove, Infinity],
          },
        ];
      case 'diode':
        return [{ ...at, kind: 'diode', volts: part.forwardVolts, ohms: part.ohms }];
      case 'varistor':
        return [{ ...at, kind: 'varistor', volts: part.clampVolts, ohms: part.ohms }];
      case 'resistor':
        return [{ ...at, kind: 'resistor', ohms: of(part.ohms) }];
      case 'output':
        return [{ ...at, kind: 'output', ohms: part.ohms }];
      case 'fuse':
        return [{ ...at, kind: 'fuse', ohms: 0.05, amps: of(part.amps) }];
    }
  });
}
