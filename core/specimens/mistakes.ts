import {
  conductorsOf,
  deviceOf,
  findTypeIn,
  terminalId,
  type Conductor,
  type DoorId,
  type Edit,
  type Plan,
  type TerminalId,
} from '../plan/index';

/** One mistake an installer makes with one wire or two. */
export interface Mistake {
  readonly kind: 'dropped' | 'mis-landed' | 'swapped' | 'reversed';
  readonly text: string;
  readonly edit: Edit;
}

/** Every terminal of the devices that a door's wires touch. */
function terminalsAt(plan: Plan, door: DoorId): TerminalId[] {
  const devices = new Set(conductorsOf(plan, door).flatMap(({ from, to }) => [deviceOf(from), deviceOf(to)]));
  return [...devices].flatMap((id) =>
    (findTypeIn(plan, plan.devices[id]?.type ?? '')?.terminals ?? []).map((terminal) =>
      terminalId(id, terminal.id),
    ),
  );
}

const set = (wire: Conductor, patch: Partial<Pick<Conductor, 'from' | 'to'>>): Edit => ({
  kind: 'setConductor',
  id: wire.id,
  patch,
});

const samePair = (one: Conductor, two: Conductor): boolean => {
  const devices = ({ from, to }: Conductor) => [deviceOf(from), deviceOf(to)].sort().join();
  return devices(one) === devices(two);
};

/**
 * Every single mistake of a door: a wire dropped; an end landed on another terminal of the same device; two
 * wires that end at the same device swapped there; a pair of wires between two devices reversed.
 */
export function singleMistakes(plan: Plan, door: DoorId): Mistake[] {
  const wires = conductorsOf(plan, door);
  const mistakes: Mistake[] = wires.map((wire) => ({
    kind: 'dropped',
    text: `${wire.number} dropped`,
    edit: { kind: 'disconnect', id: wire.id },
  }));
  const terminals = terminalsAt(plan, door);
  for (const wire of wires) {
    for (const end of ['from', 'to'] as const) {
      for (const other of terminals) {
        if (deviceOf(other) !== deviceOf(wire[end]) || other === wire.from || other === wire.to) continue;
        mistakes.push({
          kind: 'mis-landed',
          text: `${wire.number} on ${other} instead of ${wire[end]}`,
          edit: set(wire, { [end]: other }),
        });
      }
    }
  }
  for (const [i, one] of wires.entries()) {
    for (const two of wires.slice(i + 1)) {
      for (const a of ['from', 'to'] as const) {
        for (const b of ['from', 'to'] as const) {
          if (deviceOf(one[a]) !== deviceOf(two[b]) || one[a] === two[b]) continue;
          mistakes.push({
            // Both wires of one pair changed over at a device: the pair is reversed.
            kind: samePair(one, two) ? 'reversed' : 'swapped',
            text: `${one.number} and ${two.number} changed over at ${deviceOf(one[a])}`,
            edit: { kind: 'batch', label: '', edits: [set(one, { [a]: two[b] }), set(two, { [b]: one[a] })] },
          });
        }
      }
    }
  }
  return mistakes;
}
