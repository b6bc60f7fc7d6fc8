import { enough, powerBudget } from '../power/index';
import { atRest, buildWorld } from '../simulate/index';
import { areaOf, carried, metres, mm2, type Gauge, type Metres } from '../units/index';
import {
  allConductors,
  applyEdit,
  colourFor,
  conductorsOf,
  deviceOf,
  findTypeIn,
  pinOf,
  type Cable,
  type Conductor,
  type DoorId,
  type Edit,
  type Plan,
  type TerminalId,
  nextWireNumber,
  terminalId,
  typeIn,
} from '../plan/index';
import { openLedger } from './capacity';
import { doorParts, cableBetween, lengthBetween } from '../door/index';
import { planCables } from './planCables';
import { relieve } from './relieve';
import { joinLayouts, SIZES, type Run, type SettingRun } from './run';
import { TEMPLATES } from './templates/index';

/** What autowiring would change, as one edit that undoes as one. */
export interface Wiring {
  readonly edit: Edit;
  readonly added: readonly Conductor[];
  readonly removed: readonly Conductor[];
  /** Wires of Aldaba's own that stay where they are; of these, the ones whose length, size, colour or cable changes. */
  readonly unchanged: readonly Conductor[];
  readonly adjusted: readonly Conductor[];
  /** Conductors laid by hand, which are left alone. */
  readonly kept: readonly Conductor[];
  /** Settings that the wiring asks for and that were different. */
  readonly settings: readonly SettingRun[];
}

/**
 * Wires a door from its hardware and its schools: takes out what a template laid and no longer wants, keeps what
 * a person laid, and adds what the loops still lack. A wire that is still wanted keeps its number. `run` is the
 * cable run from the enclosure to the door; where nobody entered it, the lengths are assumed and say so.
 */
export function autowire(plan: Plan, door: DoorId, run: Metres = metres(12), entered = true): Wiring {
  let sizes: Sizes = USUAL;
  const usual = lay(plan, door, run, entered, sizes);
  let wiring = usual;
  for (;;) {
    const lacking = lackingAfter(plan, door, wiring.edit);
    if (lacking.locks + lacking.fedAt.length === 0) return wiring;
    const next = thicker(sizes, lacking);
    // Where no size is thick enough for the lock, none is taken for it; a feed keeps the thickest, which is the nearest.
    if (next === null) return lacking.locks > 0 ? usual : wiring;
    sizes = next;
    wiring = lay(plan, door, run, entered, sizes);
  }
}

/** Sizes that runs are laid in beyond the usual ones: all of a lock's power, and the feed of a device by the terminals it is fed at. */
interface Sizes {
  readonly lock: Gauge | null;
  readonly feeds: ReadonlyMap<TerminalId, Gauge>;
}
const USUAL: Sizes = { lock: null, feeds: new Map() };
const LOCK_SIZES: readonly Gauge[] = [mm2(1.5), mm2(2.5)];
const FEED_SIZES: readonly Gauge[] = [mm2(0.75), mm2(1), mm2(1.5), mm2(2.5), mm2(4)];

/** What gets too little once this is laid, as far as anything is known of it: locks, and where other devices of the door are fed. */
interface Lacking {
  readonly locks: number;
  readonly fedAt: readonly TerminalId[];
}

function lackingAfter(plan: Plan, door: DoorId, edit: Edit): Lacking {
  const after = applyEdit(plan, edit);
  if (!after.ok || !plan.doors[door]) return { locks: 0, fedAt: [] };
  const world = buildWorld(after.plan, door);
  const locks = new Set(world.locks.map(({ device }) => device.id));
  const { voltages } = powerBudget(after.plan, world, atRest(world));
  const low = voltages.filter((one) => !enough(one) && one.rest !== null);
  return {
    locks: low.filter(({ device }) => locks.has(device)).length,
    fedAt: low.flatMap(({ device, part }) => {
      const there = after.plan.devices[device];
      if (!there || locks.has(device) || there.door !== door) return [];
      const fed = typeIn(after.plan, there).parts.find(({ id }) => `${device}:${id}` === part);
      return fed ? [terminalId(device, fed.a), terminalId(device, fed.b)] : [];
    }),
  };
}

const nextSize = (sizes: readonly Gauge[], now: Gauge | null): Gauge | undefined =>
  sizes.find((size) => now === null || areaOf(size) > areaOf(now));

/** One size more: for the locks first, then for each feed that lacks. Null where there is none. */
function thicker({ lock, feeds }: Sizes, { locks, fedAt }: Lacking): Sizes | null {
  if (locks > 0) {
    const next = nextSize(LOCK_SIZES, lock);
    return next === undefined ? null : { lock: next, feeds };
  }
  const more = fedAt.flatMap((terminal) => {
    const next = nextSize(FEED_SIZES, feeds.get(terminal) ?? null);
    return next === undefined ? [] : [[terminal, next] as const];
  });
  return more.length === 0 ? null : { lock, feeds: new Map([...feeds, ...more]) };
}

/** The size that a run is laid in: the feed of a device that lacks, or a lock's power; its own for anything else. */
function sizeOf(want: Run, { lock, feeds }: Sizes): Gauge | null {
  if (want.use !== 'power') return null;
  const isLockPower = areaOf(want.gauge) >= areaOf(SIZES.lock);
  return feeds.get(want.to) ?? feeds.get(want.from) ?? (isLockPower ? lock : null);
}

/** A run in this size where it is thinner and its terminals take it. */
function thickened(plan: Plan, want: Run, gauge: Gauge | null): Run {
  if (gauge === null || areaOf(want.gauge) >= areaOf(gauge)) return want;
  const takes = (end: TerminalId) => {
    const terminal = findTypeIn(plan, plan.devices[deviceOf(end)]?.type ?? '')?.terminals.find(
      ({ id }) => id === pinOf(end),
    );
    // A lead of the device's own is spliced to whatever comes.
    return !terminal?.sizes || terminal.form === 'pigtail' || areaOf(gauge) <= terminal.sizes[1];
  };
  return takes(want.from) && takes(want.to) ? { ...want, gauge } : want;
}

function lay(plan: Plan, door: DoorId, run: Metres, entered: boolean, sizes: Sizes): Wiring {
  const present = conductorsOf(plan, door);
  const kept = present.filter((conductor) => conductor.origin !== 'aldaba');
  const elsewhere = allConductors(plan).filter((conductor) => conductor.door !== door);
  const own = present.filter((conductor) => conductor.origin === 'aldaba');
  const staying = [...elsewhere, ...kept];
  const ledger = openLedger(plan, staying);
  const parts = doorParts(plan, door);
  const wanted = joinLayouts(TEMPLATES.map((template) => template(parts, ledger)));
  // Two loops may share one wire: a common that both return by is laid once.
  const missing = wanted.runs.filter(
    (want, index) =>
      !kept.some((wire) => joins(wire, want)) &&
      wanted.runs.findIndex((other) => joins(other, want)) === index,
  );
  const runs = relieve(
    plan,
    door,
    missing.map((want) => thickened(plan, want, sizeOf(want, sizes))),
    staying,
  ).map((want): Run => ({ ...want, gauge: carried(plan.site.units, want.gauge) }));
  const stays = new Map<Run, Conductor>();
  for (const want of runs) {
    const same = own.find((wire) => joins(wire, want) && ![...stays.values()].includes(wire));
    if (same) stays.set(want, same);
  }
  const numbers = numberer(plan, door);
  const drafts = runs.map((want) => ({
    want,
    conductor: conductorFor(plan, door, want, stays.get(want)?.number ?? numbers(), run, entered),
  }));
  const { conductors, cables } = planCables(plan, door, drafts, kept);
  const unchanged = new Set(stays.values());
  const removed = own.filter((wire) => !unchanged.has(wire));
  const before = new Map([...unchanged].map((wire) => [wire.number, wire]));
  const added = conductors.filter((one) => !before.has(one.number));
  const settings = wanted.settings.filter(
    ({ device, setting, value }) => plan.devices[device]?.settings[setting] !== value,
  );
  return {
    added,
    removed,
    unchanged: [...unchanged],
    adjusted: conductors.filter((one) => {
      const old = before.get(one.number);
      return old !== undefined && changes(old, one) !== null;
    }),
    kept: kept.filter((conductor) => conductor.origin === 'hand'),
    settings,
    edit: {
      kind: 'batch',
      label: 'wire the door',
      edits: [
        ...removed.map((conductor): Edit => ({ kind: 'disconnect', id: conductor.id })),
        ...conductors.flatMap((one): Edit[] => {
          const old = before.get(one.number);
          if (!old) return [{ kind: 'connect', conductor: one }];
          const patch = changes(old, one);
          return patch ? [{ kind: 'setConductor', id: old.id, patch }] : [];
        }),
        ...cableEdits(plan, door, cables),
        ...settings.map((one): Edit => ({ kind: 'setSetting', ...one })),
      ],
    },
  };
}

/** What a wire that stays must change of itself: another length or cable, never its ends or its number. */
function changes(old: Conductor, next: Conductor): Partial<Omit<Conductor, 'id' | 'door'>> | null {
  const patch = {
    ...(old.colour !== next.colour ? { colour: next.colour } : {}),
    ...(old.gauge !== next.gauge ? { gauge: next.gauge } : {}),
    ...(old.length !== next.length ? { length: next.length } : {}),
    ...(old.cable !== next.cable ? { cable: next.cable } : {}),
    ...(old.assumed.join() !== next.assumed.join() ? { assumed: next.assumed } : {}),
  };
  return Object.keys(patch).length > 0 ? patch : null;
}

function cableEdits(plan: Plan, door: DoorId, cables: readonly Cable[]): Edit[] {
  const wanted = new Map(cables.map((cable) => [cable.id, cable]));
  const stale = Object.values(plan.cables).filter((cable) => cable.door === door && !wanted.has(cable.id));
  return [
    ...stale.map((cable): Edit => ({ kind: 'setCable', id: cable.id, cable: null })),
    ...cables
      .filter((cable) => JSON.stringify(plan.cables[cable.id]) !== JSON.stringify(cable))
      .map((cable): Edit => ({ kind: 'setCable', id: cable.id, cable })),
  ];
}

const joins = (wire: Pick<Conductor, 'from' | 'to'>, run: Pick<Run, 'from' | 'to'>): boolean =>
  (wire.from === run.from && wire.to === run.to) || (wire.from === run.to && wire.to === run.from);

/** Numbers for new wires, one after the other; what a wire that is taken out leaves behind is not given again. */
function numberer(plan: Plan, door: DoorId): () => string {
  const taken = new Set<string>();
  return () => {
    const number = nextWireNumber(plan, door, taken);
    taken.add(number);
    return number;
  };
}

function conductorFor(
  plan: Plan,
  door: DoorId,
  want: Run,
  number: string,
  distance: Metres,
  entered: boolean,
): Conductor {
  const from = plan.devices[deviceOf(want.from)];
  const to = plan.devices[deviceOf(want.to)];
  return {
    id: `${door}/${number}`,
    door,
    number,
    from: want.from,
    to: want.to,
    colour: colourFor(plan.site, want.role),
    gauge: want.gauge,
    length: lengthBetween(from, to, distance),
    cable: cableBetween(from, to),
    origin: 'aldaba',
    // Colour and size are Aldaba's to choose; how far it is, somebody must have said.
    assumed: entered ? [] : ['length'],
  };
}
