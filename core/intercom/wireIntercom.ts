import { cableBetween, lengthBetween } from '../door/index';
import {
  allConductors,
  colourFor,
  deviceOf,
  nextWireNumber,
  terminalId,
  type Cable,
  type ColourRole,
  type Conductor,
  type Device,
  type DoorId,
  type Edit,
  type Plan,
  type TerminalId,
} from '../plan/index';
import {
  areaOf,
  carried,
  chooseCable,
  findCableMake,
  metres,
  mm2,
  type MeasureSystem,
  type Gauge,
  type Metres,
} from '../units/index';
import { intercomConflicts, type IntercomConflict, type IntercomSet } from './intercomSet';

export type IntercomWiring =
  | { readonly ok: false; readonly conflicts: readonly IntercomConflict[] }
  | {
      readonly ok: true;
      readonly edit: Edit;
      readonly added: readonly Conductor[];
      readonly removed: number;
      /** Door stations whose door has no relay for their key to work. */
      readonly withoutRelay: readonly string[];
    };

interface Lead {
  readonly from: TerminalId;
  readonly to: TerminalId;
  readonly role: ColourRole;
  readonly use: 'power' | 'audio' | 'release';
}

const SIZE: Record<Lead['use'], Gauge> = { power: mm2(0.5), audio: mm2(0.22), release: mm2(0.5) };

/**
 * Wires a whole set: the one supply to the first answering station, the others in parallel with it terminal by
 * terminal; each door station on its channel's line, with E or with E and minus; a release relay per door between
 * the channel's key and the common, in a cable of its own; the call terminals of two answering stations crossed.
 * Refused with every reason where the set conflicts with itself.
 */
export function wireIntercom(plan: Plan, set: IntercomSet, run: Metres = metres(15)): IntercomWiring {
  const conflicts = intercomConflicts(set);
  if (conflicts.length > 0) return { ok: false, conflicts };
  const leads = leadsOf(set);
  const devices = new Set(
    [...set.supplies, ...set.answering, ...set.doorStations].map(({ device }) => device.id),
  );
  for (const { relay } of set.doorStations) if (relay) devices.add(relay.device.id);
  const wanted = (from: TerminalId, to: TerminalId) =>
    leads.some((lead) => (lead.from === from && lead.to === to) || (lead.from === to && lead.to === from));
  // A wire of the set that is still wanted keeps its number; one that is not goes.
  const removed = allConductors(plan).filter(
    ({ from, to, origin }) =>
      origin === 'set' && devices.has(deviceOf(from)) && devices.has(deviceOf(to)) && !wanted(from, to),
  );
  const stays = allConductors(plan).filter((wire) => !removed.includes(wire));
  const missing = leads.filter(
    ({ from, to }) =>
      !stays.some((w) => (w.from === from && w.to === to) || (w.from === to && w.to === from)),
  );
  const base: Plan = { ...plan, conductors: Object.fromEntries(stays.map((wire) => [wire.id, wire])) };
  const drafts = number(base, set, missing, run);
  const cables = cablesOf(drafts, plan.site.units);
  const added = drafts.map(({ lead, wire }) => ({ lead, wire: inCable(wire, cables) }));
  return {
    ok: true,
    added: added.map(({ wire }) => wire),
    removed: removed.length,
    withoutRelay: set.doorStations.filter(({ relay }) => !relay).map(({ device }) => device.id),
    edit: {
      kind: 'batch',
      label: `wire intercom set ${set.name}`,
      edits: [
        ...removed.map(({ id }): Edit => ({ kind: 'disconnect', id })),
        ...added.map(({ wire }): Edit => ({ kind: 'connect', conductor: wire })),
        ...cables.map((cable): Edit => ({ kind: 'setCable', id: cable.id, cable })),
      ],
    },
  };
}

function leadsOf({ supplies, answering, doorStations }: IntercomSet): Lead[] {
  const [supply, [first]] = [supplies[0]!, answering];
  const leads: Lead[] = [];
  const lead = (from: TerminalId, to: TerminalId, role: ColourRole, use: Lead['use']) =>
    leads.push({ from, to, role, use });
  const at = (of: { device: Device }, pin: string) => terminalId(of.device.id, pin);
  if (!first) return leads;
  lead(at(supply, supply.pins.plus), at(first, first.pins.plus), 'plus', 'power');
  lead(at(supply, supply.pins.minus), at(first, first.pins.minus), 'minus', 'power');
  const channels = doorStations.map(({ channel }) => first.pins.channels[channel - 1]!);
  answering.slice(1).forEach((next, index) => {
    const before = answering[index]!;
    lead(at(before, before.pins.plus), at(next, next.pins.plus), 'plus', 'power');
    lead(at(before, before.pins.minus), at(next, next.pins.minus), 'minus', 'power');
    lead(at(before, before.pins.common), at(next, next.pins.common), 'contact-common', 'audio');
    for (const { line, key } of channels) {
      lead(at(before, line), at(next, line), 'audio', 'audio');
      lead(at(before, key), at(next, key), 'status', 'release');
    }
    lead(at(before, before.pins.call), at(next, next.pins.callIn), 'alarm', 'audio');
    lead(at(next, next.pins.call), at(before, before.pins.callIn), 'alarm', 'audio');
  });
  for (const station of doorStations) {
    const { line, key } = first.pins.channels[station.channel - 1]!;
    lead(at(first, line), at(station, station.pins.line), 'audio', 'audio');
    lead(at(first, first.pins.common), at(station, station.pins.common), 'contact-common', 'audio');
    if (station.jumper === 'out')
      lead(at(first, first.pins.minus), at(station, station.pins.minus), 'minus', 'power');
    if (station.relay) {
      lead(at(first, key), terminalId(station.relay.device.id, station.relay.plus), 'status', 'release');
      lead(
        at(first, first.pins.common),
        terminalId(station.relay.device.id, station.relay.minus),
        'contact-common',
        'release',
      );
    }
  }
  return leads;
}

interface Numbered {
  readonly lead: Lead;
  readonly wire: Conductor;
}

/** Door that a wire of the set is numbered for: the one it serves, else the first door of the set. */
function doorOf(plan: Plan, set: IntercomSet, { from, to }: Lead): DoorId {
  const doors = [to, from].map((end) => plan.devices[deviceOf(end)]?.door ?? null);
  const stations = new Set(set.doorStations.map(({ device }) => device.id));
  const station = [to, from].find((end) => stations.has(deviceOf(end)));
  const own = station && plan.devices[deviceOf(station)]?.door;
  return (
    own ||
    doors.find((door) => door !== null) ||
    set.doorStations[0]?.device.door ||
    Object.keys(plan.doors)[0] ||
    ''
  );
}

function number(plan: Plan, set: IntercomSet, leads: readonly Lead[], run: Metres): Numbered[] {
  const taken = new Map<DoorId, Set<string>>();
  return leads.map((lead) => {
    const door = doorOf(plan, set, lead);
    const used = taken.get(door) ?? new Set<string>();
    taken.set(door, used);
    const text = nextWireNumber(plan, door, used);
    used.add(text);
    const [from, to] = [plan.devices[deviceOf(lead.from)], plan.devices[deviceOf(lead.to)]];
    const base =
      from?.door === to?.door
        ? cableBetween(from, to) || `${to?.tag ?? ''}`
        : `${from?.tag ?? ''}–${to?.tag ?? ''}`;
    let id = `${door}/${text}`;
    while (plan.conductors[id]) id += "'";
    return {
      lead,
      wire: {
        id,
        door,
        number: text,
        from: lead.from,
        to: lead.to,
        colour: colourFor(plan.site, lead.role),
        gauge: carried(plan.site.units, SIZE[lead.use]),
        // Stations stand at different doors: never the few metres of one frame.
        length: metres(Math.max(run, lengthBetween(from, to, run))),
        cable: lead.use === 'release' ? `${base}r` : base,
        origin: 'set',
        assumed: ['length'],
      },
    };
  });
}

/** A wire takes the size of the cable it is a core of. */
function inCable(wire: Conductor, cables: readonly Cable[]): Conductor {
  const cable = cables.find(({ id }) => id === `${wire.door}/${wire.cable}`);
  const make = cable && findCableMake(cable.make);
  return make ? { ...wire, gauge: make.gauge } : wire;
}

/** One cable a route: screened for speech, a plain one of its own for release. */
function cablesOf(added: readonly Numbered[], system: MeasureSystem): Cable[] {
  const routes = new Map<string, Numbered[]>();
  for (const one of added) {
    const id = `${one.wire.door}/${one.wire.cable}`;
    routes.set(id, [...(routes.get(id) ?? []), one]);
  }
  return [...routes].flatMap(([id, wires]): Cable[] => {
    const make = chooseCable(
      {
        cores: wires.length,
        area: Math.max(...wires.map(({ wire }) => areaOf(wire.gauge))),
        screened: wires.some(({ lead }) => lead.use === 'audio'),
        pairs: false,
      },
      system,
    );
    const first = wires[0]!.wire;
    return make
      ? [
          {
            id,
            door: first.door,
            name: first.cable,
            make: make.id,
            screen: make.screened ? 'enclosure' : 'none',
          },
        ]
      : [];
  });
}
