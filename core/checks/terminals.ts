import { findTypeIn, deviceOf, pinOf, terminalId, terminalLabel, type Edit } from '../plan/index';
import { areaOf, METRIC_SIZES, mm2 } from '../units/index';
import { finder, onDevice, onTerminal, onWire, type Check } from './context';
import type { Finding } from './finding';

const find = finder('W', 'wire');

/** A conductor thicker or thinner than its terminal takes. */
export const terminalSizes: Check = ({ plan, door }) =>
  Object.values(plan.conductors).flatMap((wire): Finding[] => {
    if (wire.door !== door.id) return [];
    return [wire.from, wire.to].flatMap((end): Finding[] => {
      const type = findTypeIn(plan, plan.devices[deviceOf(end)]?.type ?? '');
      const sizes = type?.terminals.find(({ id }) => id === pinOf(end))?.sizes;
      const area = areaOf(wire.gauge);
      if (!sizes || (area >= sizes[0] - 1e-9 && area <= sizes[1] + 1e-9)) return [];
      const thick = area > sizes[1];
      const nearest = thick
        ? [...METRIC_SIZES].reverse().find((size) => size <= sizes[1])
        : METRIC_SIZES.find((size) => size >= sizes[0]);
      const values = {
        wire: wire.number,
        terminal: terminalLabel(plan, end, door.id),
        measured: area,
        limit: thick ? sizes[1] : sizes[0],
        side: thick ? 'thick' : 'thin',
      };
      // Pigtails end in a connector that takes more than the lead itself.
      const pigtail = type?.terminals.find(({ id }) => id === pinOf(end))?.form === 'pigtail';
      if (pigtail && area <= 2.5) return [];
      const remedy: Edit | null = nearest
        ? { kind: 'setConductor', id: wire.id, patch: { gauge: mm2(nearest) } }
        : null;
      return [
        find(
          'size-outside-terminal',
          thick ? 'fix' : 'caution',
          'rating',
          [onWire(wire.id), onTerminal(end)],
          values,
          remedy ? { remedy } : {},
        ),
      ];
    });
  });

/** Two wires between the same two terminals: one is forgotten, or both were meant for different ones. */
export const twinWires: Check = ({ plan, door }) => {
  const seen = new Map<string, string>();
  return Object.values(plan.conductors).flatMap((wire): Finding[] => {
    if (wire.door !== door.id) return [];
    const key = [wire.from, wire.to].sort().join(' ');
    const first = seen.get(key);
    if (first === undefined) {
      seen.set(key, wire.number);
      return [];
    }
    const values = {
      wire: wire.number,
      other: first,
      from: terminalLabel(plan, wire.from, door.id),
      to: terminalLabel(plan, wire.to, door.id),
    };
    return [
      find('wire-twice', 'caution', 'practice', [onWire(wire.id)], values, {
        remedy: { kind: 'disconnect', id: wire.id },
      }),
    ];
  });
};

/** Spare legs of a two-circuit switch tied together: two systems become one. */
export const tiedSpares: Check = ({ world, door, plan, wiresAt }) => {
  const wires = Object.values(plan.conductors).filter(
    (wire) => wire.door === door.id && deviceOf(wire.from) === deviceOf(wire.to),
  );
  if (wires.length === 0) return [];
  return world.inhabitants.flatMap(({ device, type }): Finding[] => {
    if (device.door !== door.id) return [];
    const poleOf = (pin: string) =>
      type.parts.find((part) => part.kind === 'contact' && (part.a === pin || part.b === pin));
    return wires.flatMap((wire): Finding[] => {
      if (deviceOf(wire.from) !== device.id || deviceOf(wire.to) !== device.id) return [];
      const [one, two] = [poleOf(pinOf(wire.from)), poleOf(pinOf(wire.to))];
      // Two throws of different circuits: a wire from one pole's throw to the next pole's common is a series.
      if (!one || !two || one.a === two.a) return [];
      if ([one, two].some((part) => part.a === pinOf(wire.from) || part.a === pinOf(wire.to))) return [];
      const spare = [wire.from, wire.to].every((end) => wiresAt(end).length === 1);
      if (!spare) return [];
      const values = {
        tag: device.tag,
        wire: wire.number,
        from: terminalLabel(plan, wire.from, door.id),
        to: terminalLabel(plan, wire.to, door.id),
      };
      return [
        find('spare-legs-tied', 'fix', 'practice', [onWire(wire.id), onDevice(device.id)], values, {
          remedy: { kind: 'disconnect', id: wire.id },
        }),
      ];
    });
  });
};

/** The two circuits of a pull station joined by wires: the alarm line and the lock power are one system then. */
export const crossedCircuits: Check = (context) => {
  const { parts, groupOf } = context;
  // Spare legs tied together are named by their own rule.
  const tied = new Set(tiedSpares(context).map(({ values }) => values['tag']));
  return parts.breakGlasses.flatMap(({ device, type }): Finding[] => {
    if (tied.has(device.tag)) return [];
    const alarm = type.roles.alarmContact;
    const pole = type.roles.breakers?.[0];
    if (!alarm || !pole) return [];
    const contacts = (com: string) =>
      new Set(
        type.parts
          .filter((part) => part.kind === 'contact' && part.a === com)
          .flatMap((part) => [part.a, part.b])
          .map((pin) => groupOf(terminalId(device.id, pin)))
          .filter((group) => group >= 0),
      );
    const [first, second] = [contacts(pole.com), contacts(alarm.a)];
    const crossed = [...first].some((group) => second.has(group));
    if (!crossed) return [];
    return [find('circuits-crossed', 'stop', 'practice', [onDevice(device.id)], { tag: device.tag })];
  });
};

/** A connector plugged in the wrong way round: its supply leads would be right, counted from the other end. */
export const reversedConnector: Check = ({ world, door, plan, groupOf, wiresAt }) =>
  world.inhabitants.flatMap(({ device, type }): Finding[] => {
    const feed = type.roles.feed;
    if (device.door !== door.id || !feed) return [];
    const pinned = type.terminals.filter((terminal) => terminal.pin !== undefined);
    if (pinned.length < 3) return [];
    const last = Math.max(...pinned.map(({ pin }) => pin ?? 0));
    const mirror = (id: string): string | null => {
      const own = pinned.find((terminal) => terminal.id === id)?.pin;
      return pinned.find(({ pin }) => own !== undefined && pin === last + 1 - own)?.id ?? null;
    };
    const [plus, minus] = [mirror(feed.plus), mirror(feed.minus)];
    if (!plus || !minus) return [];
    const onSource = (pin: string, end: 'a' | 'b') => {
      const group = groupOf(terminalId(device.id, pin));
      return world.netlist.branches.some(
        (branch) => branch.kind === 'source' && groupOf(world.netlist.nodes[branch[end]] ?? '') === group,
      );
    };
    const right = onSource(feed.plus, 'a');
    if (right || !onSource(plus, 'a') || !onSource(minus, 'b')) return [];
    const edits = pinned.flatMap(({ id }): Edit[] => {
      const other = mirror(id);
      if (!other) return [];
      const [here, there] = [terminalId(device.id, id), terminalId(device.id, other)];
      return wiresAt(here).map((wire): Edit => ({
        kind: 'setConductor',
        id: wire.id,
        patch: wire.from === here ? { from: there } : { to: there },
      }));
    });
    return [
      find(
        'connector-reversed',
        'fix',
        'practice',
        [onDevice(device.id)],
        { tag: plan.devices[device.id]?.tag ?? '', count: last },
        { remedy: { kind: 'batch', label: 'turn the connector round', edits } },
      ),
    ];
  });

/** Coloured leads that nothing is landed on: unplug or cap each on its own before power. */
export const loosePigtails: Check = ({ world, door, wiresAt }) =>
  world.inhabitants.flatMap(({ device, type }): Finding[] => {
    if (device.door !== door.id) return [];
    const loose = type.terminals.filter(
      ({ id, form }) => form === 'pigtail' && wiresAt(terminalId(device.id, id)).length === 0,
    );
    const bare = type.terminals.every(({ id }) => wiresAt(terminalId(device.id, id)).length === 0);
    if (loose.length === 0 || bare) return [];
    const values = { tag: device.tag, count: loose.length, terminals: loose.map(({ id }) => id).join(', ') };
    return [find('pigtails-loose', 'note', 'practice', [onDevice(device.id)], values)];
  });

export const terminalChecks: readonly Check[] = [
  terminalSizes,
  twinWires,
  tiedSpares,
  crossedCircuits,
  reversedConnector,
  loosePigtails,
];
