import { outerPin, presentParts, type DeviceType, type Part } from '../devices/index';
import {
  conductorsOf,
  deviceOf,
  pinOf,
  scopeOf,
  terminalId,
  typeIn,
  type Device,
  type DoorId,
  type Plan,
  type Scope,
  type TerminalId,
} from '../plan/index';
import {
  LOOP_KINDS,
  loopWires,
  type Leg,
  type LegStep,
  type Loop,
  type LoopEnd,
  type LoopKind,
  type RoundLoop,
} from './loop';
import { bundles } from './bundles';
import {
  findWay,
  longestWay,
  piecesOf,
  reverseWay,
  wireGraph,
  type Barred,
  type WireGraph,
} from './wireGraph';

/** A part that a loop works, with the kind of loop it makes. */
interface Load {
  readonly kind: LoopKind;
  readonly end: LoopEnd;
}

/** An input with the kind of loop it asks for by its place on the device. */
interface Input extends Source {
  readonly kind: LoopKind;
}

const isWired = (loop: Draft<RoundLoop>): boolean => loopWires({ ...loop, letter: '' }).length > 0;

/** What an input is for, by the role its terminal has. */
function inputKind({ roles }: DeviceType, pin: string): LoopKind {
  if (roles.exitInputs?.some(({ input }) => input === pin)) return 'exit';
  return roles.contactInputs?.some(({ input }) => input === pin) ? 'contact' : 'signal';
}

/** A part a loop starts from. */
interface Source {
  readonly end: LoopEnd;
}

type Draft<T> = Omit<T, 'letter'>;

/**
 * Traces a door's loops from its plan, whoever laid the wires. First every complete loop; then, for loads
 * whose loop is broken, what is left on either side of the break; last the wires that belong to no loop, so
 * that no wire of the plan is ever missing from the picture.
 */
export function traceLoops(plan: Plan, door: DoorId): Loop[] {
  const scope = scopeOf(plan, door);
  const graph = wireGraph(scope);
  const sources = endsOf(scope, (part) => part.kind === 'source').map(({ end }): Source => ({ end }));
  const landed = new Set(scope.conductors.flatMap(({ from, to }) => [from, to]));
  const barred = { terminals: new Set(sources.flatMap(({ end }) => [end.top, end.bottom])) };
  const mine = scope.devices.filter((device) => device.door === door);
  const rounds: Draft<RoundLoop>[] = [];
  const broken: Load[] = [];
  for (const load of loadsOf(scope, mine, landed)) {
    const loop = completeLoop(graph, load, sources, barred);
    if (loop && isWired(loop)) rounds.push(loop);
    else if (!loop) broken.push(load);
  }
  const inputs = endsOf(scope, (part) => part.kind === 'input')
    .filter(({ end }) => landed.has(end.top))
    .map(({ end, device, part }): Input => ({ end, kind: inputKind(typeIn(plan, device), part.a) }));
  const contacts = [...contactsOf(scope, mine, landed), ...resistorsOf(scope, mine, landed)];
  rounds.push(...inputLoops(graph, inputs, contacts, barred));
  // The fire relay of another door, where its line comes by wires of this one.
  const others = scope.devices.filter(
    (device) => device.door !== door && typeIn(plan, device).family === 'release',
  );
  const wireDoor = new Map(scope.conductors.map((wire) => [wire.id, wire.door]));
  rounds.push(
    ...inputLoops(graph, inputs, contactsOf(scope, others, landed), barred).filter((loop) =>
      loopWires({ ...loop, letter: '' }).some((id) => wireDoor.get(id) === door),
    ),
  );
  const claimed = new Set(rounds.flatMap((loop) => loopWires({ ...loop, letter: '' })));
  rounds.push(...broken.map((load) => brokenLoop(graph, load, sources, barred, claimed)));
  for (const loop of rounds) for (const wire of loopWires({ ...loop, letter: '' })) claimed.add(wire);
  rounds.push(...brokenInputs(graph, inputs, mine, rounds, plan, door, claimed));
  for (const loop of rounds) for (const wire of loopWires({ ...loop, letter: '' })) claimed.add(wire);
  const drafts: Draft<Loop>[] = [...rounds, ...bundles(plan, door, claimed)];
  return drafts
    .sort((a, b) => LOOP_KINDS.indexOf(a.kind) - LOOP_KINDS.indexOf(b.kind))
    .map((draft, index) => ({ ...draft, letter: letterOf(index) }) as Loop);
}

const letterOf = (index: number): string =>
  index < 26
    ? String.fromCharCode(65 + index)
    : `${letterOf(Math.floor(index / 26) - 1)}${letterOf(index % 26)}`;

function endOf(device: Device, part: Part, type: DeviceType): LoopEnd {
  return {
    device: device.id,
    part: part.id,
    top: terminalId(device.id, outerPin(type, part.a)),
    bottom: terminalId(device.id, outerPin(type, part.b)),
  };
}

const endsOf = (scope: Pick<Scope, 'devices' | 'types'>, wanted: (part: Part) => boolean) =>
  scope.devices.flatMap((device) => {
    const type = typeIn(scope, device);
    return presentParts(type, device.settings)
      .filter(wanted)
      .map((part) => ({ device, part, type, end: endOf(device, part, type) }));
  });

/** A part on terminals that may stay empty, and do, is not in use. */
function inUse(
  { type, end, part }: ReturnType<typeof endsOf>[number],
  landed: ReadonlySet<TerminalId>,
): boolean {
  const idle = (pin: string, at: TerminalId) =>
    !landed.has(at) && type.terminals.some((one) => one.id === pin && one.use === 'optional');
  return !idle(part.a, end.top) && !idle(part.b, end.bottom);
}

/** What a door's loops work: locks first, then boards, then plain coils. */
function loadsOf(scope: Scope, devices: readonly Device[], landed: ReadonlySet<TerminalId>): Load[] {
  const kindOf = (type: DeviceType, part: Part): LoopKind | null => {
    if (part.kind === 'electronic') return 'feed';
    if (part.kind !== 'load' && part.kind !== 'coil') return null;
    return type.lock ? 'lock-power' : 'coil';
  };
  return endsOf({ devices, types: scope.types }, () => true).flatMap((found) => {
    const kind = kindOf(found.type, found.part);
    return kind && inUse(found, landed) ? [{ kind, end: found.end }] : [];
  });
}

/** Contacts at the door that may close an input: of exits and door contacts first, then of anything else. */
const contactsOf = (scope: Scope, devices: readonly Device[], landed: ReadonlySet<TerminalId>): Load[] =>
  endsOf({ devices, types: scope.types }, (part) => part.kind === 'contact').flatMap((found): Load[] => {
    const { family } = found.type;
    if (family === 'reader' || !inUse(found, landed)) return [];
    return [
      { kind: family === 'exit' ? 'exit' : family === 'contact' ? 'contact' : 'signal', end: found.end },
    ];
  });

/** Resistors that watch an input's pair: the way that is left while the contact is open. */
const resistorsOf = (scope: Scope, devices: readonly Device[], landed: ReadonlySet<TerminalId>): Load[] =>
  endsOf({ devices, types: scope.types }, (part) => part.kind === 'resistor')
    .filter((found) => found.type.family === 'suppression' && inUse(found, landed))
    .map(({ end }) => ({ kind: 'line', end }));

/** Terminals that a way touches, its ends included. */
const touched = (way: readonly LegStep[]): TerminalId[] => way.flatMap(({ from, to }) => [from, to]);

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
  // A return through the 0 V of another supply, where the two are joined, is a return: looked for where there is no straighter.
  const tops = sources.map(({ end }) => end.top);
  const throughGrounds = (source: Source): Barred => ({
    ...barred,
    terminals: new Set([...tops, source.end.bottom]),
  });
  for (const within of [() => barred, throughGrounds]) {
    for (const end of [load.end, flip(load.end)]) {
      for (const source of sources) {
        const supply = findWay(graph, source.end.top, end.top, bar(within(source), end.bottom));
        if (!supply) continue;
        const used = new Set(
          supply.flatMap((step) => (step.kind === 'through' ? [`${step.device}:${step.part}`] : [])),
        );
        const back = findWay(graph, end.bottom, source.end.bottom, {
          ...bar(within(source), end.top),
          parts: used,
        });
        if (back) return round(load.kind, source.end, end, whole(supply), whole(back), end !== load.end);
      }
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
  inputs: readonly Input[],
  contacts: readonly Load[],
  barred: Barred,
): Draft<RoundLoop>[] {
  const loops: Draft<RoundLoop>[] = [];
  const mayMeet = piecesOf(graph, barred);
  // Contacts in series make one loop, not one each.
  const seen = new Set<string>();
  for (const { end: input, kind } of inputs) {
    for (const contact of contacts) {
      if (contact.end.device === input.device || !mayMeet(input.top, contact.end.top, contact.end.bottom))
        continue;
      for (const end of [contact.end, flip(contact.end)]) {
        const part = new Set([`${end.device}:${end.part}`]);
        const supply = findWay(graph, input.top, end.top, {
          ...bar(barred, input.bottom, end.bottom),
          parts: part,
        });
        const back =
          supply &&
          findWay(graph, end.bottom, input.bottom, { ...bar(barred, input.top, end.top), parts: part });
        // A leg that crosses the other is no loop: the common of a neighbouring contact was taken for a way.
        const out = new Set(supply && touched(supply));
        if (!back || touched(back).some((terminal) => out.has(terminal))) continue;
        const wires = [...supply, ...back].flatMap((step) => (step.kind === 'wire' ? [step.conductor] : []));
        const key = [input.top, ...wires.sort()].join(' ');
        if (seen.has(key)) break;
        seen.add(key);
        loops.push(
          round(
            contact.kind === 'signal' ? kind : contact.kind,
            input,
            end,
            whole(supply),
            whole(back),
            false,
          ),
        );
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
  const { end } = load;
  const legs = (source: LoopEnd) => ({
    one: findWay(graph, source.top, end.top, bar(barred, end.bottom)),
    two: findWay(graph, end.bottom, source.bottom, bar(barred, end.top)),
  });
  // The source that still reaches the load by one leg is the one it was meant to have.
  const best = sources.find((candidate) => Object.values(legs(candidate.end)).some(Boolean)) ?? sources[0];
  const source = best?.end ?? { ...end, part: '' };
  const { one, two } = best ? legs(source) : { one: null, two: null };
  const used = new Set(claimed);
  const loose = (from: TerminalId) => {
    const way = longestWay(graph, from, { ...barred, wires: used });
    for (const step of way) if (step.kind === 'wire') used.add(step.conductor);
    return way;
  };
  const supply: Leg = one
    ? whole(one)
    : { complete: false, far: reverseWay(loose(end.top)), near: best ? loose(source.top) : [] };
  const back: Leg = two
    ? whole(two)
    : { complete: false, near: best ? reverseWay(loose(source.bottom)) : [], far: loose(end.bottom) };
  return round(load.kind, source, end, supply, back, false);
}

const touches = ({ a, b }: Part, pin: string): boolean => a === pin || b === pin;

/** Inputs with a wire of this door on them whose loop does not close. */
function brokenInputs(
  graph: WireGraph,
  inputs: readonly Input[],
  mine: readonly Device[],
  rounds: readonly Draft<RoundLoop>[],
  plan: Plan,
  door: DoorId,
  claimed: ReadonlySet<string>,
): Draft<RoundLoop>[] {
  const wires = conductorsOf(plan, door).filter((wire) => !claimed.has(wire.id));
  return inputs.flatMap(({ end: input, kind: asked }) => {
    if (rounds.some((loop) => loop.source.top === input.top)) return [];
    const landed = wires.find((wire) => wire.from === input.top || wire.to === input.top);
    if (!landed) return [];
    const out = longestWay(graph, input.top, { terminals: new Set([input.bottom]), wires: claimed });
    const wireEnd = out.filter((step) => step.kind === 'wire').at(-1)?.to;
    const device = wireEnd && mine.find((one) => one.id === deviceOf(wireEnd));
    const type = device && typeIn(plan, device);
    // The contact on that very terminal: a tamper or loop core that ends elsewhere in the device makes no loop.
    const part = wireEnd && type?.parts.find((one) => one.kind === 'contact' && touches(one, pinOf(wireEnd)));
    if (!device || !part || !type || type.family === 'reader' || device.id === input.device) return [];
    const first = endOf(device, part, type);
    const end = wireEnd === first.bottom ? flip(first) : first;
    const supply = findWay(graph, input.top, end.top, { terminals: new Set([input.bottom]) });
    const far = longestWay(graph, end.bottom, {
      terminals: new Set([input.top]),
      parts: new Set([`${end.device}:${end.part}`]),
      wires: new Set([...claimed, landed.id]),
    });
    const leg: Leg = supply ? whole(supply) : { complete: false, near: out, far: [] };
    const kind = type.family === 'contact' ? 'contact' : type.family === 'exit' ? 'exit' : asked;
    return [round(kind, input, end, leg, { complete: false, near: [], far }, false)];
  });
}
