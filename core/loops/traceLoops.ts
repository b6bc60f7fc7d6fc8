import { typeOf, type Part } from '../devices/index';
import {
  conductorsOf,
  deviceOf,
  scopeOf,
  terminalId,
  type Device,
  type DoorId,
  type Plan,
  type Scope,
  type TerminalId,
} from '../plan/index';
import {
  loopWires,
  type BundleLoop,
  type Leg,
  type Loop,
  type LoopEnd,
  type LoopKind,
  type RoundLoop,
} from './loop';
import { findWay, longestWay, reverseWay, wireGraph, type Barred, type WireGraph } from './wireGraph';

/** A part that a loop works, with the kind of loop it makes. */
interface Load {
  readonly kind: LoopKind;
  readonly end: LoopEnd;
}

/** A part a loop starts from. */
interface Source {
  readonly end: LoopEnd;
}

type Draft<T> = Omit<T, 'letter'>;

const ORDER: readonly LoopKind[] = [
  'lock-power',
  'exit',
  'feed',
  'contact',
  'data',
  'coil',
  'across',
  'other',
];

/**
 * Traces a door's loops from its plan, whoever laid the wires. First every complete loop; then, for loads
 * whose loop is broken, what is left on either side of the break; last the wires that belong to no loop, so
 * that no wire of the plan is ever missing from the picture.
 */
export function traceLoops(plan: Plan, door: DoorId): Loop[] {
  const scope = scopeOf(plan, door);
  const graph = wireGraph(scope);
  const sources = endsOf(scope, (part) => part.kind === 'source').map(({ end }): Source => ({ end }));
  const barred = { terminals: new Set(sources.flatMap(({ end }) => [end.top, end.bottom])) };
  const mine = scope.devices.filter((device) => device.door === door);
  const rounds: Draft<RoundLoop>[] = [];
  const broken: Load[] = [];
  for (const load of loadsOf(mine)) {
    const loop = completeLoop(graph, load, sources, barred);
    if (loop) rounds.push(loop);
    else broken.push(load);
  }
  const inputs = endsOf(scope, (part) => part.kind === 'input').map(({ end }): Source => ({ end }));
  rounds.push(...inputLoops(graph, inputs, contactsOf(mine), barred));
  const claimed = new Set(rounds.flatMap((loop) => loopWires({ ...loop, letter: '' })));
  rounds.push(...broken.map((load) => brokenLoop(graph, load, sources, barred, claimed)));
  for (const loop of rounds) for (const wire of loopWires({ ...loop, letter: '' })) claimed.add(wire);
  rounds.push(...brokenInputs(graph, inputs, mine, rounds, plan, door, claimed));
  for (const loop of rounds) for (const wire of loopWires({ ...loop, letter: '' })) claimed.add(wire);
  const drafts: Draft<Loop>[] = [...rounds, ...bundles(plan, door, claimed)];
  return drafts
    .sort((a, b) => ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind))
    .map((draft, index) => ({ ...draft, letter: letterOf(index) }) as Loop);
}

const letterOf = (index: number): string =>
  index < 26
    ? String.fromCharCode(65 + index)
    : `${letterOf(Math.floor(index / 26) - 1)}${letterOf(index % 26)}`;

function endOf(device: Device, part: Part): LoopEnd {
  return {
    device: device.id,
    part: part.id,
    top: terminalId(device.id, part.a),
    bottom: terminalId(device.id, part.b),
  };
}

const endsOf = (scope: Pick<Scope, 'devices'>, wanted: (part: Part) => boolean) =>
  scope.devices.flatMap((device) =>
    typeOf(device.type)
      .parts.filter(wanted)
      .map((part) => ({ device, part, end: endOf(device, part) })),
  );

/** What a door's loops work: locks first, then boards, then plain coils. */
function loadsOf(devices: readonly Device[]): Load[] {
  const kindOf = (device: Device, part: Part): LoopKind | null => {
    if (part.kind === 'electronic') return 'feed';
    if (part.kind !== 'load' && part.kind !== 'coil') return null;
    return typeOf(device.type).lock ? 'lock-power' : 'coil';
  };
  return endsOf({ devices }, () => true).flatMap(({ device, part, end }) => {
    const kind = kindOf(device, part);
    return kind ? [{ kind, end }] : [];
  });
}

/** Contacts at the door that may close an input: those of exits and door contacts. */
const contactsOf = (devices: readonly Device[]): Load[] =>
  endsOf({ devices }, (part) => part.kind === 'contact').flatMap(({ device, end }): Load[] => {
    const family = typeOf(device.type).family;
    if (family === 'exit') return [{ kind: 'exit', end }];
    return family === 'contact' ? [{ kind: 'contact', end }] : [];
  });

const flip = (end: LoopEnd): LoopEnd => ({ ...end, top: end.bottom, bottom: end.top });

const bar = (barred: Barred, ...terminals: TerminalId[]): Barred => ({
  ...barred,
  terminals: new Set([...(barred.terminals ?? []), ...terminals]),
});

/** The loop from any source through the load and back to the same source, the right way round if there is one. */
function completeLoop(
  graph: WireGraph,
  load: Load,
  sources: readonly Source[],
  barred: Barred,
): Draft<RoundLoop> | null {
  for (const end of [load.end, flip(load.end)]) {
    for (const source of sources) {
      const supply = findWay(graph, source.end.top, end.top, bar(barred, end.bottom));
      if (!supply) continue;
      const used = new Set(
        supply.flatMap((step) => (step.kind === 'through' ? [`${step.device}:${step.part}`] : [])),
      );
      const back = findWay(graph, end.bottom, source.end.bottom, { ...bar(barred, end.top), parts: used });
      if (back) return round(load.kind, source.end, end, whole(supply), whole(back), end !== load.end);
    }
  }
  return null;
}

const whole = (steps: Extract<Leg, { complete: true }>['steps']): Leg => ({ complete: true, steps });

function round(
  kind: LoopKind,
  source: LoopEnd,
  load: LoopEnd,
  supply: Leg,
  back: Leg,
  reversed: boolean,
): Draft<RoundLoop> {
  return {
    shape: 'round',
    id: `${kind}:${load.device}:${load.part}:${source.part}`,
    kind,
    source,
    load,
    supply,
    back,
    complete: supply.complete && back.complete,
    reversed,
  };
}

/** Loops that an input reads: out to a contact at the door and back to the input's common. */
function inputLoops(
  graph: WireGraph,
  inputs: readonly Source[],
  contacts: readonly Load[],
  barred: Barred,
): Draft<RoundLoop>[] {
  const loops: Draft<RoundLoop>[] = [];
  for (const { end: input } of inputs) {
    for (const contact of contacts) {
      for (const end of [contact.end, flip(contact.end)]) {
        const part = new Set([`${end.device}:${end.part}`]);
        const supply = findWay(graph, input.top, end.top, {
          ...bar(barred, input.bottom, end.bottom),
          parts: part,
        });
        const back =
          supply &&
          findWay(graph, end.bottom, input.bottom, { ...bar(barred, input.top, end.top), parts: part });
        if (!back) continue;
        loops.push(round(contact.kind, input, end, whole(supply), whole(back), false));
        break;
      }
    }
  }
  return loops;
}

/** What is left of a loop that is broken somewhere. */
function brokenLoop(
  graph: WireGraph,
  load: Load,
  sources: readonly Source[],
  barred: Barred,
  claimed: ReadonlySet<string>,
): Draft<RoundLoop> {
  const source = sources[0]?.end ?? { ...load.end, part: '' };
  const { end } = load;
  const one = sources[0] ? findWay(graph, source.top, end.top, bar(barred, end.bottom)) : null;
  const two = sources[0] ? findWay(graph, end.bottom, source.bottom, bar(barred, end.top)) : null;
  const used = new Set(claimed);
  const loose = (from: TerminalId) => {
    const way = longestWay(graph, from, { ...barred, wires: used });
    for (const step of way) if (step.kind === 'wire') used.add(step.conductor);
    return way;
  };
  const supply: Leg = one
    ? whole(one)
    : { complete: false, far: reverseWay(loose(end.top)), near: sources[0] ? loose(source.top) : [] };
  const back: Leg = two
    ? whole(two)
    : { complete: false, near: sources[0] ? reverseWay(loose(source.bottom)) : [], far: loose(end.bottom) };
  return round(load.kind, source, end, supply, back, false);
}

/** Inputs with a wire of this door on them whose loop does not close. */
function brokenInputs(
  graph: WireGraph,
  inputs: readonly Source[],
  mine: readonly Device[],
  rounds: readonly Draft<RoundLoop>[],
  plan: Plan,
  door: DoorId,
  claimed: ReadonlySet<string>,
): Draft<RoundLoop>[] {
  const wires = conductorsOf(plan, door).filter((wire) => !claimed.has(wire.id));
  return inputs.flatMap(({ end: input }) => {
    if (rounds.some((loop) => loop.source.top === input.top)) return [];
    const landed = wires.find((wire) => wire.from === input.top || wire.to === input.top);
    if (!landed) return [];
    const out = longestWay(graph, input.top, { terminals: new Set([input.bottom]), wires: claimed });
    const target = deviceOf(out.filter((step) => step.kind === 'wire').at(-1)?.to ?? '');
    const device = mine.find((one) => one.id === target);
    const type = device && typeOf(device.type);
    const part = type?.parts.find((one) => one.kind === 'contact');
    if (!device || !part || type?.family === 'reader') return [];
    const first = endOf(device, part);
    const wireEnd = out.filter((step) => step.kind === 'wire').at(-1)?.to;
    const end = wireEnd === first.bottom ? flip(first) : first;
    const supply = findWay(graph, input.top, end.top, { terminals: new Set([input.bottom]) });
    const far = longestWay(graph, end.bottom, {
      terminals: new Set([input.top]),
      parts: new Set([`${end.device}:${end.part}`]),
      wires: new Set([...claimed, landed.id]),
    });
    const leg: Leg = supply ? whole(supply) : { complete: false, near: out, far: [] };
    const kind: LoopKind = type?.family === 'contact' ? 'contact' : 'exit';
    return [round(kind, input, end, leg, { complete: false, near: [], far }, false)];
  });
}

/** Wires of no loop, gathered by the two devices they join. */
function bundles(plan: Plan, door: DoorId, claimed: ReadonlySet<string>): Draft<BundleLoop>[] {
  const byPair = new Map<string, BundleLoop['lines'][number][]>();
  for (const wire of conductorsOf(plan, door)) {
    if (claimed.has(wire.id)) continue;
    const [left, right] = [wire.from, wire.to].sort(
      (a, b) => rank(plan, a) - rank(plan, b) || a.localeCompare(b),
    );
    if (left === undefined || right === undefined) continue;
    const key = `${deviceOf(left)}|${deviceOf(right)}`;
    const lines = byPair.get(key) ?? [];
    lines.push({ conductor: wire.id, left, right });
    byPair.set(key, lines);
  }
  return [...byPair].map(([key, lines]) => {
    const [left = '', right = ''] = key.split('|');
    return { shape: 'bundle', id: `bundle:${key}`, kind: bundleKind(plan, lines), left, right, lines };
  });
}

/** Supplies and controllers stand at the left of a drawing. */
function rank(plan: Plan, terminal: TerminalId): number {
  const device = plan.devices[deviceOf(terminal)];
  const family = device ? typeOf(device.type).family : 'joint';
  return ['supply', 'controller', 'keypad', 'release', 'lock'].indexOf(family) >>> 0;
}

function bundleKind(plan: Plan, lines: BundleLoop['lines']): LoopKind {
  const types = [lines[0]?.left, lines[0]?.right].map((end) =>
    typeOf(plan.devices[deviceOf(end ?? '')]?.type ?? 'joint'),
  );
  if (types.some((type) => type.family === 'suppression')) return 'across';
  return types.some((type) => type.roles.dataOut) ? 'data' : 'other';
}
